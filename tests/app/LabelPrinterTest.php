<?php

declare(strict_types=1);

namespace App\Tests;

use App\Labels\LabelPrinter;
use App\Labels\QrCodes;
use App\Labels\ToteLabel;
use App\WorkedOut\WorkedOut;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;

/** Labels on paper: letters of every language, a page for two, codes worked out once. */
final class LabelPrinterTest extends TestCase
{
    #[TestWith(['Crème jug', false])]
    #[TestWith(['Jug, 3 € “as new”', false])]
    #[TestWith(['Κανάτα', true])]
    #[TestWith(['Łódź jug', true])]
    public function testAFontWithAllLettersComesAlongOnlyWhereTheyAreNeeded(string $line, bool $isEmbedded): void
    {
        $pdf = $this->printer(new ArrayAdapter())->pdf([$this->label('A1', $line)]);

        self::assertSame($isEmbedded, str_contains($pdf, 'DejaVuSans'));
        self::assertStringContainsString('/BaseFont /Helvetica', $pdf);
    }

    public function testTwoLabelsArePutOnAPageAndEachCodeIsWorkedOutOnce(): void
    {
        $cache = new ArrayAdapter();
        $labels = array_map(fn(string $code): ToteLabel => $this->label($code, 'Jug'), ['A1', 'A2', 'A3']);
        $first = $this->printer($cache)->pdf($labels);
        $this->printer($cache)->svg($labels[0]);

        self::assertSame(2, preg_match_all('~/Type /Page\b(?!s)~', $first));
        self::assertCount(3, $cache->getValues());
    }

    private function printer(ArrayAdapter $cache): LabelPrinter
    {
        return new LabelPrinter(new QrCodes(new WorkedOut($cache)));
    }

    private function label(string $code, string $line): ToteLabel
    {
        return new ToteLabel($code, 'attic', 'Weir Cottage', [$line], 'http://localhost/homes/1/totes/' . $code);
    }
}
