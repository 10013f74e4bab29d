<?php

declare(strict_types=1);

namespace App\UseCase\Haul;

use App\Entity\Need;
use App\Entity\Swap;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Input\NeedInput;
use App\Repository\HouseRepository;
use App\UseCase\Plan\OpenSwap;
use App\View\Haul\NeedView;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Draft\Wanted;
use BrightCupboard\Core\Measure\Length;
use Doctrine\ORM\EntityManagerInterface;

final readonly class WriteNeed
{
    public function __construct(private EntityManagerInterface $entities, private HouseRepository $house) {}

    public function __invoke(Swap $swap, NeedInput $input): NeedView
    {
        OpenSwap::require($swap);
        $spot = $this->house->spot($swap->home(), $input->spot) ?? throw InvalidInput::at('spot', 'Choose the spot that wants it.');
        $fields = new Fields();
        $lengths = $swap->home()->lengths();
        $length = static fn(string $field, string $text): ?Length => '' === trim($text) ? null : $fields->read($field, static fn(): Length => $lengths->read($text), null);
        $colour = '' === trim($input->colour) ? null : $fields->read('colour', static fn(): Srgb => Srgb::ofHex($input->colour), null);
        $wanted = new Wanted($input->kind, $length('leastHeight', $input->leastHeight), $length('mostHeight', $input->mostHeight), $length('mostWidth', $input->mostWidth), $colour, $input->texture, $input->count);
        if (null !== $wanted->leastHeight && null !== $wanted->mostHeight && $wanted->leastHeight->tenths() > $wanted->mostHeight->tenths()) {
            $fields->refuse('mostHeight', 'The greatest height must not be below the least.');
        }
        $fields->complete();
        $need = new Need($swap, $spot, trim($input->text), $wanted);
        $this->entities->persist($need);
        $this->entities->flush();

        return NeedView::of($need);
    }
}
