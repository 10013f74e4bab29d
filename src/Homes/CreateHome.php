<?php

declare(strict_types=1);

namespace App\Homes;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Http\Body;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** A new, empty home; whoever makes it is its stylist. */
#[AsController]
final readonly class CreateHome
{
    public function __construct(private EntityManagerInterface $entities) {}

    #[Route('/api/homes', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(#[CurrentUser] Person $person, #[Body] HomeInput $input): HomeAnswer
    {
        $home = new Home(trim($input->name), $input->unit, trim($input->currency), $input->giftMoney);
        $this->entities->persist($home);
        $this->entities->persist($person->join($home, Role::Stylist));
        $this->entities->flush();

        return HomeAnswer::of($home);
    }
}
