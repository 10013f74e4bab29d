<?php

declare(strict_types=1);

namespace App\Labels;

/** The label printer that ships with it: tote labels as PDF, two to a page, or one as SVG. Codes are QR (ISO/IEC 18004), error correction M. */
final readonly class LabelPrinter
{
    private const LABEL_MM = [190.0, 132.0];
    private const MOST_LINES = 24;

    /** @param list<ToteLabel> $labels */
    public function pdf(array $labels): string
    {
        $pdf = new \TCPDF('P', 'mm', 'A4');
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setTitle('Tote labels');
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
        $code = (new \TCPDF2DBarcode($label->url, 'QRCODE,M'))->getBarcodeSVGcode(3, 3, 'black');
        $qr = (string) preg_replace('/^.*?(<svg)/s', '$1', $code);
        $text = static fn(string $words): string => htmlspecialchars($words, \ENT_XML1 | \ENT_QUOTES);
        $lines = '';
        foreach ($this->fitted($label->lines) as $i => $line) {
            $lines .= sprintf('<text x="20" y="%d" font-size="14">%s</text>', 150 + 18 * $i, $text($line));
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>' . "\n" . '<svg xmlns="http://www.w3.org/2000/svg" width="190mm" height="132mm" '
                . 'viewBox="0 0 760 528" font-family="sans-serif"><rect x="1" y="1" width="758" height="526" fill="#fff" stroke="#000" '
                . 'stroke-width="2"/><text x="20" y="78" font-size="72" font-weight="700">%s</text><text x="20" y="112" '
                . 'font-size="22">%s, %s</text>%s<g transform="translate(600 20)">%s</g></svg>' . "\n",
            $text($label->code),
            $text($label->place),
            $text($label->home),
            $lines,
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
        $pdf->write2DBarcode($label->url, 'QRCODE,M', $x + $width - 42, $y + 5, 36, 36);
    }

    private function write(\TCPDF $pdf, string $words, float $x, float $y, float $points, string $style, float $width): void
    {
        $pdf->setFont('dejavusans', $style, $points);
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
