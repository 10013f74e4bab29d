<?php

declare(strict_types=1);

namespace App\Http;

use Doctrine\DBAL\Exception as DatabaseException;
use Doctrine\Migrations\DependencyFactory;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Says to whoever watches the server whether the database answers and has the tables of this version. */
#[AsController]
final readonly class ShowHealth
{
    public function __construct(#[Autowire(service: 'doctrine.migrations.dependency_factory')] private DependencyFactory $migrations) {}

    #[Route('/health', methods: ['GET'])]
    public function __invoke(): JsonResponse
    {
        $state = ['database' => true, 'schema' => true];
        try {
            $this->migrations->getConnection()->fetchOne('SELECT COUNT(*) FROM home');
            $state['schema'] = 0 === \count($this->migrations->getMigrationStatusCalculator()->getNewMigrations());
        } catch (DatabaseException\TableNotFoundException) {
            $state['schema'] = false;
        } catch (DatabaseException) {
            $state = ['database' => false, 'schema' => false];
        }
        $isWell = $state['database'] && $state['schema'];

        return new JsonResponse(['well' => $isWell] + $state, $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
