<?php

declare(strict_types=1);

namespace App\Floor;

use App\Entity\Furniture;
use App\Entity\Room;
use App\Http\Body;
use App\Http\Fields;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Floor\Furniture as CoreFurniture;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Brings a piece of furniture into a room, or changes one. */
#[AsController]
final readonly class KeepFurniture
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/rooms/{room}/furniture', name: 'addFurniture', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/furniture/{furniture}', name: 'changeFurniture', methods: ['PUT'])]
    public function __invoke(?Room $room, ?Furniture $furniture, #[Body] FurnitureInput $input): FurnitureAnswer
    {
        $isNew = null === $furniture;
        $furniture ??= new Furniture($room ?? throw new \LogicException('What is new comes into a room.'));
        if (!$isNew) {
            SameVersion::check($input->version, $furniture->version(), 'This piece of furniture', FurnitureAnswer::of($furniture, $furniture->place()));
        }
        $fields = new Fields();
        $lengths = $furniture->home()->lengths();
        [$wide, $deep] = array_map(Length::ofInches(...), $input->kind->usual());
        $read = static fn(string $field, string $text, Length $usual): Length => '' === trim($text)
            ? $usual
            : $fields->read($field, static fn(): Length => $lengths->read($text), $usual);
        [$width, $depth] = [$read('width', $input->width, $wide), $read('depth', $input->depth, $deep)];
        $is = $fields->read('width', static fn(): CoreFurniture => new CoreFurniture($furniture->id(), trim($input->name), $input->kind, $width, $depth), null);
        $fields->complete();
        $furniture->describe($is ?? throw new \LogicException('What is complete was read.'));
        $this->entities->persist($furniture);
        $this->journal->say($isNew ? sprintf('%s is in %s', $furniture->name(), $furniture->room()->name()) : sprintf('%s is changed', $furniture->name()));
        $this->entities->flush();

        return FurnitureAnswer::of($furniture, $furniture->place());
    }
}
