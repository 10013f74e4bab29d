<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Entity\PieceRecord;
use App\Http\Fields;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Face;
use BrightCupboard\Core\Stock\Makeup;
use BrightCupboard\Core\Stock\Part;
use BrightCupboard\Core\Stock\Piece as CorePiece;
use BrightCupboard\Core\Stock\PieceSet;

/** Reads what was typed about a piece into core values, gathering what is wrong field by field. */
final readonly class PieceReader
{
    public function __construct(private Home $home) {}

    /** @return array{CorePiece, PieceRecord} */
    public function read(string $id, PieceInput $input): array
    {
        $fields = new Fields();
        $one = Length::ofTenths(1);
        $length = fn(string $field, string $text): Length => $fields->read($field, fn(): Length => $this->home->lengths()->read($text), $one);
        $size = new Size($length('width', $input->width), $length('depth', $input->depth), $length('height', $input->height));
        $weight = '' === trim($input->weight)
            ? Weight::ofGrams(0)
            : $fields->read('weight', fn(): Weight => $this->home->weights()->read($input->weight), Weight::ofGrams(0));
        $money = fn(string $field, string $text): Money => '' === trim($text)
            ? Money::zero()
            : $fields->read($field, static fn(): Money => Money::read($text), Money::zero());
        $record = new PieceRecord(
            trim($input->shape),
            trim($input->pattern),
            trim($input->origin),
            $money('costEach', $input->costEach),
            $money('replacementEach', $input->replacementEach),
            $this->day($fields, $input->cameOn),
            trim($input->care),
            $this->makeup($fields, $input),
            assumed: $input->assumed,
        );
        $colours = $fields->read('colours', fn(): array => ColourShare::complete($this->shares($input->colours)), null);
        $piece = null === $colours
            ? null
            : $fields->read(
                'width',
                static fn(): CorePiece => new CorePiece(
                    $id,
                    trim($input->name),
                    $input->kind,
                    $input->count,
                    $size,
                    $weight,
                    $colours,
                    $input->materials,
                    $input->finish,
                    $input->seasons,
                    $input->hazards,
                ),
                null,
            );
        $fields->complete();

        return [$piece ?? throw new \LogicException('A piece that was read is complete.'), $record];
    }

    private function makeup(Fields $fields, PieceInput $input): Makeup
    {
        $faces = $parts = [];
        foreach ($input->faces as $i => $face) {
            $faces[] = $fields->read("faces[{$i}]", fn(): Face => new Face(trim($face->name), $face->seasons, $this->shares($face->colours)), null);
        }
        foreach ($input->parts as $i => $part) {
            $parts[] = $fields->read("parts[{$i}]", fn(): Part => new Part(
                trim($part->name),
                $part->kind,
                $part->count,
                new Size($this->home->lengths()->read($part->width), $this->home->lengths()->read($part->depth), $this->home->lengths()->read($part->height)),
                Srgb::ofHex($part->hex),
                $part->material,
                $part->piece,
            ), null);
        }
        $set = '' === trim($input->set->name)
            ? null
            : $fields->read('set', static fn(): PieceSet => new PieceSet(trim($input->set->name), $input->set->of), null);

        $laidOut = '' === trim($input->laidOut) ? null : $fields->read('laidOut', fn(): Length => $this->home->lengths()->read($input->laidOut), null);

        return $fields->read(
            0 === $laidOut?->tenths() ? 'laidOut' : 'parts',
            static fn(): Makeup => new Makeup(array_values(array_filter($faces)), array_values(array_filter($parts)), $set, $laidOut),
            new Makeup(),
        );
    }

    /**
     * @param list<ColourInput> $colours
     *
     * @return list<ColourShare>
     */
    private function shares(array $colours): array
    {
        return array_map(static fn(ColourInput $c): ColourShare => new ColourShare(Srgb::ofHex($c->hex), $c->percent), $colours);
    }

    private function day(Fields $fields, string $text): ?\DateTimeImmutable
    {
        return '' === trim($text) ? null : $fields->read('cameOn', static fn(): \DateTimeImmutable => DayText::read($text), null);
    }
}
