<?php

declare(strict_types=1);

namespace App\UseCase\Home;

use App\Entity\Home;
use App\Input\HomeInput;
use App\UseCase\SameVersion;
use App\View\Home\HomeView;
use Doctrine\ORM\EntityManagerInterface;

final readonly class ChangeHome
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Home $home, HomeInput $input): HomeView
    {
        SameVersion::check($input->version, $home->version(), 'This home', HomeView::of($home));
        $home->describe(trim($input->name), $input->unit, trim($input->currency), $input->giftMoney);
        $this->entities->flush();

        return HomeView::of($home);
    }
}
