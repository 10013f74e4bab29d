<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Look;
use App\Http\Body;
use App\Http\SameVersion;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeLook
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/looks/{look}', methods: ['PUT'])]
    public function __invoke(Look $look, #[Body] LookInput $input): LookAnswer
    {
        SameVersion::check($input->version, $look->version(), 'This look', LookAnswer::of($look));
        $look->become(LookReader::read($input));
        $this->journal->say(sprintf('The look %s is changed', $look->look()->name));
        $this->entities->flush();

        return LookAnswer::of($look);
    }
}
