<?php

declare(strict_types=1);

namespace App\Labels;

use App\WorkedOut\WorkedOut;

/** QR codes (ISO/IEC 18004), error correction M. The code of an address never changes, so it is worked out once and kept. */
final readonly class QrCodes
{
    public function __construct(private WorkedOut $workedOut) {}

    /**
     * The dark stretches of the code, row by row.
     *
     * @return array{side: int, dark: list<array{int, int, int}>} squares to a side; column, row and length of each stretch, in squares
     */
    public function of(string $text): array
    {
        return $this->workedOut->get('code ' . $text, $text, static fn(): array => self::stretches($text));
    }

    /** @return array{side: int, dark: list<array{int, int, int}>} */
    private static function stretches(string $text): array
    {
        /** @var array{num_rows: int, bcode: list<list<int>>} $code */
        $code = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $dark = [];
        foreach ($code['bcode'] as $row => $squares) {
            preg_match_all('/1+/', implode('', $squares), $runs, \PREG_OFFSET_CAPTURE);
            foreach ($runs[0] as [$run, $column]) {
                $dark[] = [$column, $row, \strlen($run)];
            }
        }

        return ['side' => $code['num_rows'], 'dark' => $dark];
    }
}
