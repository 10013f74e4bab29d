<?php

declare(strict_types=1);

namespace App\UseCase\Cupboard;

use App\Entity\Home;
use App\Entity\PieceRecord;
use App\Http\Fields;
use App\Input\ColourInput;
use App\Input\PieceInput;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Piece as CorePiece;

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
        $weight = '' === trim($input->weight) ? Weight::ofGrams(0) : $fields->read('weight', fn(): Weight => $this->home->weights()->read($input->weight), Weight::ofGrams(0));
        $money = fn(string $field, string $text): Money => '' === trim($text) ? Money::zero() : $fields->read($field, static fn(): Money => Money::read($text), Money::zero());
        $record = new PieceRecord(trim($input->shape), trim($input->pattern), trim($input->origin), $money('costEach', $input->costEach), $money('replacementEach', $input->replacementEach), $this->day($fields, $input->cameOn), trim($input->care));
        $colours = $fields->read('colours', static fn(): array => ColourShare::complete(array_map(static fn(ColourInput $c): ColourShare => new ColourShare(Srgb::ofHex($c->hex), $c->percent), $input->colours)), null);
        $piece = null === $colours ? null : $fields->read('width', static fn(): CorePiece => new CorePiece($id, trim($input->name), $input->kind, $input->count, $size, $weight, $colours, $input->materials, $input->finish, $input->seasons, $input->hazards), null);
        $fields->complete();

        return [$piece ?? throw new \LogicException('A piece that was read is complete.'), $record];
    }

    private function day(Fields $fields, string $text): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($text));
        if (false === $day && '' !== trim($text)) {
            $fields->refuse('cameOn', 'Write the day it came like 2026-11-05.');
        }

        return false === $day ? null : $day;
    }
}
