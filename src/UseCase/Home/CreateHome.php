<?php

declare(strict_types=1);

namespace App\UseCase\Home;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Input\HomeInput;
use App\View\Home\HomeView;
use Doctrine\ORM\EntityManagerInterface;

/** A new, empty home; whoever makes it is its stylist. */
final readonly class CreateHome
{
    public function __construct(private EntityManagerInterface $entities) {}

    public function __invoke(Person $person, HomeInput $input): HomeView
    {
        $home = new Home(trim($input->name), $input->unit, trim($input->currency), $input->giftMoney);
        $this->entities->persist($home);
        $this->entities->persist($person->join($home, Role::Stylist));
        $this->entities->flush();

        return HomeView::of($home);
    }
}
