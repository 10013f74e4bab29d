<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Colour;

use BrightCupboard\Core\Colour\Ciede2000;
use BrightCupboard\Core\Colour\ColourFamily;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Lab;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Tests\Core\Support\Reference;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The words for colours against the open list of named colours “color-name-list” (MIT), and against a lattice of all colours. */
final class NamingTest extends TestCase
{
    private const STEPS = 18;
    private const FAMILIES = ['red', 'pink', 'orange', 'brown', 'yellow', 'green', 'teal', 'blue', 'purple', 'white', 'cream', 'grey', 'black'];

    /** No colour is farther than CIEDE2000 10 from the word that is said for it. */
    public function testAWordIsNearForEveryColour(): void
    {
        $names = new ColourNames();
        $difference = new Ciede2000();
        [$worst, $at] = [0.0, ''];
        for ($i = 0; $i < self::STEPS ** 3; ++$i) {
            $channel = static fn(int $step): int => (int) round($step * 255 / (self::STEPS - 1));
            $colour = Srgb::ofNumber(
                $channel(intdiv($i, self::STEPS ** 2)) << 16 | $channel(intdiv($i, self::STEPS) % self::STEPS) << 8 | $channel($i % self::STEPS),
            );
            $word = $names->read($names->of($colour)) ?? throw new \LogicException('What is said is read.');
            $distance = $difference->between(Lab::of($colour), Lab::of($word));
            [$worst, $at] = $distance > $worst ? [$distance, $colour->hex()] : [$worst, $at];
        }

        self::assertLessThan(10.0, $worst, $at);
    }

    /** Where others call a colour by the same plain word, ours is in the same part of the colours: half of them within 10, six of seven within 20. */
    public function testWordsStandForWhatOthersCallSo(): void
    {
        $names = new ColourNames();
        $difference = new Ciede2000();
        $off = [];
        foreach ($this->reference()['named'] as $word => $hex) {
            $ours = $names->read($word) ?? throw new \LogicException('Our words are read.');
            $off[] = $difference->between(Lab::of($ours), Lab::of(Srgb::ofHex($hex)));
        }
        sort($off);

        self::assertGreaterThan(100, \count($off));
        self::assertLessThan(10.0, $off[intdiv(\count($off), 2)]);
        self::assertLessThan(20.0, $off[(int) (0.857 * \count($off))]);
    }

    /**
     * Thousands of names end in the word for a family, such as "Abbey Green". The borders were drawn looking at every other one of
     * them; these are the others. Poetic names are among them, so that not all can be held.
     */
    public function testFamiliesHoldWhatIsCalledSo(): void
    {
        $shares = [];
        foreach ($this->reference()['ending'] as $family => $hexes) {
            $of = ColourFamily::from($family);
            $hexes = array_values(array_filter($hexes, static fn(int $i): bool => 1 === $i % 2, \ARRAY_FILTER_USE_KEY));
            $held = \count(array_filter($hexes, static fn(string $hex): bool => $of->has(Srgb::ofHex($hex))));

            self::assertGreaterThan(20, \count($hexes), $family);
            self::assertGreaterThan(0.6, $held / \count($hexes), "{$family}: {$held} of " . \count($hexes));
            $shares[] = $held / \count($hexes);
        }

        self::assertGreaterThan(0.75, array_sum($shares) / \count($shares));
    }

    #[TestWith(['mustard yellow', 'mustard'])]
    #[TestWith(['sage green', 'sage'])]
    #[TestWith(['emerald green', 'emerald'])]
    #[TestWith(['navy blue', 'navy'])]
    #[TestWith(['warm white', 'ivory'])]
    #[TestWith(['rose gold', 'clay'])]
    #[TestWith(['blush pink', 'blush'])]
    #[TestWith(['Brick Red', 'brick red'])]
    #[TestWith(['dusty blue', 'smoke blue'])]
    public function testCompoundWordsAreRead(string $words, string $as): void
    {
        $names = new ColourNames();

        self::assertSame($names->read($as)?->hex(), $names->read($words)?->hex());
        self::assertNotNull($names->read($words));
    }

    #[TestWith(['red white'])]
    #[TestWith(['gold white'])]
    #[TestWith(['boat blue'])]
    public function testTwoColoursAreNoCompound(string $words): void
    {
        self::assertNull((new ColourNames())->read($words));
    }

    public function testALighterWordIsLighter(): void
    {
        $lightness = static fn(string $words): float => Lab::of((new ColourNames())->read($words) ?? Srgb::ofNumber(0))->lightness;

        self::assertGreaterThan($lightness('blue') + 5, $lightness('light blue'));
        self::assertLessThan($lightness('green') - 5, $lightness('dark green'));
    }

    public function testADarkGreenIsGreenAndDark(): void
    {
        [$family, $from, $to] = ColourFamily::shaded('dark green') ?? throw new \LogicException('It is a family with a shade.');

        self::assertTrue($family->has(Srgb::ofHex('#23452F'), $from, $to));
        self::assertFalse($family->has(Srgb::ofHex('#C4D59A'), $from, $to));
        self::assertFalse($family->has(Srgb::ofHex('#26374F'), $from, $to));
        self::assertNull(ColourFamily::shaded('dark horse'));
    }

    /** @return array{named: array<string, string>, ending: array<string, list<string>>} */
    private function reference(): array
    {
        /** @var array<string, array{named: array<string, string>, ending: array<string, list<string>>}> $answers */
        static $answers = [];

        /** @var array{named: array<string, string>, ending: array<string, list<string>>} $answer */
        $answer = $answers['all'] ??= Reference::ask(__DIR__ . '/names.mjs', [['words' => (new ColourNames())->words(), 'families' => self::FAMILIES]])[0];

        return $answer;
    }
}
