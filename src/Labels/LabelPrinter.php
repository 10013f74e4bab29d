<?php

declare(strict_types=1);

namespace App\Labels;

/** The label printer that ships with it: tote labels as PDF, two to a page, or one as SVG, each with a code that opens its tote. */
final readonly class LabelPrinter
{
    private const LABEL_MM = [190.0, 132.0];
    private const MOST_LINES = 24;
    private const CODE_MM = 36.0;
    /** By how much rows of the code overlap, so that no hair of white is between them. */
    private const NO_SEAM_MM = 0.02;
    private const SQUARE = 3;
    /** One that every reader of PDF has, for words of western Europe; the other brings all letters along, which takes its time. */
    private const FONTS = ['western' => 'helvetica', 'any' => 'dejavusans'];

    public function __construct(private QrCodes $codes) {}

    /** @param list<ToteLabel> $labels */
    public function pdf(array $labels): string
    {
        $pdf = new \TCPDF('P', 'mm', 'A4');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setTitle('Tote labels');
        $pdf->setFillColor(0);
        foreach ($labels as $i => $label) {
            if (0 === $i % 2) {
                $pdf->AddPage();
            }
            $this->draw($pdf, $label, 10.0, 0 === $i % 2 ? 10.0 : 154.0);
        }

        return (string) $pdf->Output('labels.pdf', 'S');
    }

    public function svg(ToteLabel $label): string
    {
        $code = $this->codes->of($label->url);
        $qr = implode('', array_map(static fn(array $run): string => sprintf(
            '<rect x="%d" y="%d" width="%d" height="%d"/>',
            self::SQUARE * $run[0],
            self::SQUARE * $run[1],
            self::SQUARE * $run[2],
            self::SQUARE,
        ), $code['dark']));
        $text = static fn(string $words): string => htmlspecialchars($words, \ENT_XML1 | \ENT_QUOTES);
        $lines = '';
        foreach ($this->fitted($label->lines) as $i => $line) {
            $lines .= sprintf('<text x="20" y="%d" font-size="14">%s</text>', 150 + 18 * $i, $text($line));
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>' . "\n" . '<svg xmlns="http://www.w3.org/2000/svg" width="190mm" height="132mm" '
                . 'viewBox="0 0 760 528" font-family="sans-serif"><rect x="1" y="1" width="758" height="526" fill="#fff" stroke="#000" '
                . 'stroke-width="2"/><text x="20" y="78" font-size="72" font-weight="700">%1$s</text><text x="20" y="112" '
                . 'font-size="22">%2$s, %3$s</text>%4$s<svg x="600" y="20" width="%5$d" height="%5$d">%6$s</svg></svg>' . "\n",
            $text($label->code),
            $text($label->place),
            $text($label->home),
            $lines,
            self::SQUARE * $code['side'],
            $qr,
        );
    }

    private function draw(\TCPDF $pdf, ToteLabel $label, float $x, float $y): void
    {
        [$width, $height] = self::LABEL_MM;
        $pdf->setLineStyle(['width' => 0.4]);
        $pdf->Rect($x, $y, $width, $height);
        $this->write($pdf, $label->code, $x + 5, $y + 4, 48.0, 'B', 110);
        $this->write($pdf, $label->place . ', ' . $label->home, $x + 5, $y + 26, 14.0, '', 130);
        foreach ($this->fitted($label->lines) as $i => $line) {
            $this->write($pdf, $line, $x + 5 + 70 * intdiv($i, 12), $y + 38 + 7.2 * ($i % 12), 10.5, '', 68);
        }
        $code = $this->codes->of($label->url);
        $square = self::CODE_MM / $code['side'];
        foreach ($code['dark'] as [$column, $row, $length]) {
            $pdf->Rect($x + $width - 42 + $square * $column, $y + 5 + $square * $row, $square * $length, $square + self::NO_SEAM_MM, 'F');
        }
    }

    private function write(\TCPDF $pdf, string $words, float $x, float $y, float $points, string $style, float $width): void
    {
        $isWestern = mb_convert_encoding(mb_convert_encoding($words, 'Windows-1252', 'UTF-8'), 'UTF-8', 'Windows-1252') === $words;
        $pdf->setFont(self::FONTS[$isWestern ? 'western' : 'any'], $style, $points);
        $pdf->setXY($x, $y);
        $pdf->Cell($width, 0, $words, 0, 0, 'L', false, '', 1);
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private function fitted(array $lines): array
    {
        return \count($lines) <= self::MOST_LINES
            ? $lines
            : [...\array_slice($lines, 0, self::MOST_LINES - 1), sprintf('and %d more', \count($lines) - self::MOST_LINES + 1)];
    }
}
