<?php

declare(strict_types=1);

namespace App\Tests;

use App\Rooms\CoachWords;
use App\Rooms\FindingAnswer;
use App\Rooms\RemedyWords;
use BrightCupboard\Core\Coach\Check;
use BrightCupboard\Core\Coach\Coach;
use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Coach\Finding;
use BrightCupboard\Core\Coach\Verdict;
use BrightCupboard\Core\Draft\Remedies;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Tests\Core\Coach\DressedSpots;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What the coach says, in words: of every fault a sentence that names the piece, and never an inch in a metric home. */
final class CoachWordsTest extends TestCase
{
    #[DataProviderExternal(DressedSpots::class, 'bad')]
    public function testEveryFaultIsASentenceAndAMetricHomeReadsCentimetres(Dressing $dressing, Check $check): void
    {
        $inches = $this->said($dressing, LengthUnit::Inch);
        $centimetres = $this->said($dressing, LengthUnit::Centimetre);
        $about = array_values(array_filter($centimetres, static fn(FindingAnswer $one): bool => $one->code === $check))[0] ?? self::fail('It is said.');

        self::assertMatchesRegularExpression('/^[“\p{Lu}].+[.]$/u', $about->reason, 'a sentence');
        foreach ($centimetres as $finding) {
            self::assertDoesNotMatchRegularExpression('/\d(?: \d\/\d)? in\b/', $finding->figure . ' ' . $finding->aim . ' ' . $finding->reason);
        }
        foreach ($inches as $finding) {
            self::assertDoesNotMatchRegularExpression('/\d (?:cm|mm)\b/', $finding->figure . ' ' . $finding->aim . ' ' . $finding->reason);
        }
    }

    #[DataProviderExternal(DressedSpots::class, 'good')]
    public function testWhatIsGoodHasAFigureAndAnAimAndNoHalfSentence(Dressing $dressing): void
    {
        foreach ($this->said($dressing, LengthUnit::Inch) as $finding) {
            self::assertNotSame('', trim($finding->figure), $finding->title);
            self::assertNotSame('', trim($finding->aim), $finding->title);
            self::assertStringNotContainsString('  ', $finding->figure . '|' . $finding->aim . '|' . $finding->reason);
            self::assertDoesNotMatchRegularExpression('/^[:,;]|[:,;] *$/', $finding->figure);
        }
    }

    public function testEachCheckHasATitleOfItsOwn(): void
    {
        $titles = array_map(CoachWords::title(...), Check::cases());

        self::assertSame(\count(Check::cases()), \count(array_unique($titles)));
    }

    #[DataProviderExternal(DressedSpots::class, 'bad')]
    public function testARemedyNamesThePieceAndWhatToDoWithIt(Dressing $dressing): void
    {
        $words = new RemedyWords($dressing, new LengthText(LengthUnit::Inch));
        foreach ((new Remedies())->find($dressing, [], Make::judgement()) as $remedy) {
            self::assertMatchesRegularExpression(
                '/^(?:Shift|Take off|Add|Let|Turn|Stand) .*' . preg_quote($remedy->piece->piece->name, '/') . '(?:.*[\w)])?$/',
                $words->say($remedy),
            );
        }
        self::assertNotSame(
            [],
            array_filter((new Coach())->lookOver($dressing, Make::judgement()), static fn(Finding $one): bool => Verdict::Good !== $one->verdict),
        );
    }

    /** @return list<FindingAnswer> */
    private function said(Dressing $dressing, LengthUnit $unit): array
    {
        $words = new CoachWords(new LengthText($unit));

        return array_map(
            static fn(Finding $finding): FindingAnswer => FindingAnswer::of($finding, $words),
            (new Coach())->lookOver($dressing, Make::judgement()),
        );
    }
}
