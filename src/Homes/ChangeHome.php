<?php

declare(strict_types=1);

namespace App\Homes;

use App\Entity\Home;
use App\Http\Body;
use App\Http\SameVersion;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeHome
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}', methods: ['PUT'])]
    public function __invoke(Home $home, #[Body] HomeInput $input): HomeAnswer
    {
        SameVersion::check($input->version, $home->version(), 'This home', HomeAnswer::of($home));
        $home->describe(trim($input->name), $input->unit, trim($input->currency), $input->giftMoney);
        $this->journal->say(sprintf('%s is changed', $home->name()));
        $this->entities->flush();

        return HomeAnswer::of($home);
    }
}
