<?php

declare(strict_types=1);

namespace App\Haul;

use App\Entity\Need;
use App\Entity\Swap;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Journal\Journal;
use App\Repository\HouseRepository;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Draft\Wanted;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class WriteNeed
{
    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house, private Journal $journal) {}

    #[Route('/api/homes/{home}/swaps/{swap}/needs', methods: ['POST'], defaults: ['_status' => 201])]
    public function __invoke(Swap $swap, #[Body] NeedInput $input): NeedAnswer
    {
        $spot = $this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'Choose the spot that wants it.');
        $fields = new Fields();
        $lengths = $swap->home()->lengths();
        $length = static fn(string $field, string $text): ?Length => '' === trim($text)
            ? null
            : $fields->read($field, static fn(): Length => $lengths->read($text), null);
        $colour = '' === trim($input->colour) ? null : $fields->read('colour', static fn(): Srgb => Srgb::ofHex($input->colour), null);
        $wanted = new Wanted(
            $input->kind,
            $length('leastHeight', $input->leastHeight),
            $length('mostHeight', $input->mostHeight),
            $length('mostWidth', $input->mostWidth),
            $colour,
            $input->texture,
            $input->count,
        );
        if (null !== $wanted->leastHeight && null !== $wanted->mostHeight && $wanted->leastHeight->tenths() > $wanted->mostHeight->tenths()) {
            $fields->refuse('mostHeight', 'The greatest height must not be below the least.');
        }
        $fields->complete();
        $need = new Need($swap, $spot, trim($input->text), $wanted);
        $this->entities->persist($need);
        $this->journal->say(sprintf('%s wants “%s”', $spot->name(), $need->text()));
        $this->entities->flush();

        return NeedAnswer::of($need);
    }
}
