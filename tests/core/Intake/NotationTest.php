<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Intake;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\IntakeReading;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Stock\Hazard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** One piece written in every way that comes to mind is always the same piece. */
final class NotationTest extends TestCase
{
    private const LINES = 600;

    public function testAPieceWrittenInAnyWayIsReadBack(): void
    {
        $random = new Randomizer(new Mt19937(2026));
        for ($i = 0; $i < self::LINES; ++$i) {
            [$height, $width, $count, $cents] = [$random->getInt(4, 30), $random->getInt(3, 20), $random->getInt(1, 12), 25 * $random->getInt(4, 200)];
            $thing = self::one($random, ['white vase', 'blue vase', 'black lantern', 'brass bell', 'oak box']);
            $line = $this->written($random, $thing, [$height, $width, $count, $cents]);
            $reading = self::read($line);

            self::assertSame([], $reading->questions, $line);
            self::assertSame($count, $reading->count, $line);
            self::assertSame([$height, $width], [self::inches($reading->height), self::inches($reading->width)], $line);
            self::assertSame($cents, $reading->costEach?->minor, $line);
            self::assertSame(explode(' ', $thing)[1], $reading->kind?->value, $line);
        }
    }

    public function testNothingWithADigitIsLeftInANameUnasked(): void
    {
        foreach (['blue vase q7 9 in', 'blue vase 9 in model7', 'blue vase #12 9 in', 'lantern b20 black 12 in'] as $line) {
            $reading = self::read($line);
            self::assertNotSame([], $reading->questions, "{$line}: read as {$reading->name}");
        }
        self::assertSame([], self::read('black 3-tier lantern 12 in')->questions, 'that is how such a thing is called');
    }

    public function testAMistypedWordIsSaidAndAWordThatIsTwoThingsIsNotGuessed(): void
    {
        self::assertContains('“wreth” is taken for “wreath”.', self::read('wreth 20 in juniper')->guesses);
        self::assertNull(self::read('blue xyzzy 9 in')->kind);
        self::assertNull(self::read('red bal 3 in')->kind, 'a ball or a bell');
    }

    public function testWhatHasNoKindOfItsOwnSaysAsWhatItIsKept(): void
    {
        self::assertContains('“lamp shade” is drawn and kept as a lantern.', self::read('linen lamp shade 12 in')->guesses);
        self::assertSame([Hazard::Mains], self::read('brass lamp 18 in')->hazards, 'a lamp has a lead');
        self::assertSame([Hazard::Mains], self::read('iron chandelier 24 in')->hazards);
        self::assertSame([], self::read('battery lamp 18 in, brass')->hazards, 'unless it runs on batteries');
        self::assertNotContains(Hazard::Mains, self::read('brass oil lamp 12 in')->hazards, 'oil needs none');
        self::assertSame(
            ['ribbon', 'bow', 4],
            [self::read('4 red bows 6 in')->kind?->value, self::read('4 red bows 6 in')->shape, self::read('4 red bows 6 in')->count],
        );
    }

    /** @param list<float> $inches width and height */
    #[TestWith(['brass lamp 26 in', 'lamp', '', [13, 26]])]
    #[TestWith(['black floor lamp 62 in', 'lamp', '', [16.7, 62]], 'slim for its height')]
    #[TestWith(['oak mantle clock 11 in', 'clock', '', [9.4, 11]])]
    #[TestWith(['white wall clock 14 in', 'clock', 'round', [14, 14]])]
    #[TestWith(['letter board black 12x16 in', 'sign', '', [12, 16]])]
    #[TestWith(['white ceramic cake stand 10 in', 'stand', '', [10, 5.5]], 'as wide as it is said to be')]
    #[TestWith(['2 tiered trays galvanized 16 in', 'stand', 'tiers', [16, 19.2]])]
    #[TestWith(['plant stand black 24 in high', 'crock', '', [6.5, 24]])]
    public function testWhatStandsAboutInEveryHomeHasAKind(string $line, string $kind, string $shape, array $inches): void
    {
        $read = self::read($line);

        self::assertSame([$kind, $shape], [$read->kind?->value, $read->shape]);
        self::assertEqualsWithDelta($inches, [$read->width?->inInches(), $read->height?->inInches()], 0.05);
        self::assertSame([], $read->questions);
    }

    public function testAnotherCurrencyIsAskedNotTaken(): void
    {
        $reading = self::read('red stocking 18 in €12');

        self::assertNull($reading->costEach);
        self::assertSame(['costEach'], array_map(static fn($question): string => $question->field, $reading->questions));
    }

    /** @param array{int, int, int, int} $of height, width, count, cents each */
    private function written(Randomizer $random, string $thing, array $of): string
    {
        [$height, $width, $count, $cents] = $of;
        $plural = 1 === $count ? $thing : (str_ends_with($thing, 'x') ? $thing . 'es' : $thing . 's');
        $money = sprintf('%d.%02d', intdiv($cents, 100), $cents % 100);
        $size = self::one($random, [
            "{$height}\" tall {$width}\" wide", "{$height}\"h {$width}\"w", "{$height} in high, {$width} in wide", "{$height}\"h x {$width}\"w",
            "h{$height} w{$width}", "h {$height} w {$width}",
            "{$height}h x {$width}w", "{$height} inches tall and {$width} inches wide", "{$height}” high, {$width}” across",
        ]);
        $price = self::one(
            $random,
            ["\${$money} each", "@ \${$money}", "@{$money}", "{$money} each", "\${$money} ea", "{$money} dollars each", "\${$money} apiece"],
        );
        $amount = self::one(
            $random,
            12 === $count
                ? ["{$count} {$plural}", "doz {$plural}", "a dozen {$plural}"]
                : (2 === $count
                    ? ["2 {$plural}", "pr {$plural}", "pair of {$plural}", "couple of {$plural}"]
                    : ["{$count} {$plural}", "x{$count} {$plural}", "set of {$count} {$plural}"]),
        );

        return self::one($random, ["{$amount} {$size}, {$price}", "{$amount}, {$size}, {$price}", "{$amount}, {$price}, {$size}"]);
    }

    private static function read(string $line): IntakeReading
    {
        return (new IntakeLine(LengthUnit::Inch, '$', [], new ColourNames()))->read($line);
    }

    private static function inches(?Length $length): ?int
    {
        return null === $length ? null : (int) round($length->inInches());
    }

    /** @param non-empty-list<string> $ways */
    private static function one(Randomizer $random, array $ways): string
    {
        return $ways[$random->getInt(0, \count($ways) - 1)];
    }
}
