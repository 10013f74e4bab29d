<?php

declare(strict_types=1);

namespace App\Labels;

use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** QR codes (ISO/IEC 18004), error correction M. The code of an address never changes, so it is worked out once and kept. */
final readonly class QrCodes
{
    private const KEPT_SECONDS = 90 * 86_400;

    public function __construct(private CacheInterface $cache) {}

    /**
     * The dark stretches of the code, row by row.
     *
     * @return array{side: int, dark: list<array{int, int, int}>} squares to a side; column, row and length of each stretch, in squares
     */
    public function of(string $text): array
    {
        return $this->cache->get('qr.' . hash('xxh128', $text), static function (ItemInterface $item) use ($text): array {
            $item->expiresAfter(self::KEPT_SECONDS);

            return self::stretches($text);
        });
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
