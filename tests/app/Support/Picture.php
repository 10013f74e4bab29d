<?php

declare(strict_types=1);

namespace App\Tests\Support;

/** Pictures drawn for tests: a red left half and a green right half, taller than wide by half. */
final class Picture
{
    public const WIDTH = 60;
    public const HEIGHT = 90;

    public static function png(): string
    {
        return self::encoded(static fn(\GdImage $image): bool => imagepng($image));
    }

    public static function webp(): string
    {
        return self::encoded(static fn(\GdImage $image): bool => imagewebp($image, null, \IMG_WEBP_LOSSLESS));
    }

    /** A JPEG whose Exif data says how the camera was held, and a comment that must not survive. */
    public static function jpeg(int $orientation): string
    {
        $jpeg = self::encoded(static fn(\GdImage $image): bool => imagejpeg($image, null, 95));
        $tiff = "II*\0" . pack('V', 8) . pack('v', 1) . pack('vvVvv', 0x0112, 3, 1, $orientation, 0) . pack('V', 0);
        $exif = "Exif\0\0" . $tiff;
        $comment = 'taken at 12 Secret Lane';

        return substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', \strlen($exif) + 2) . $exif . "\xFF\xFE" . pack(
            'n',
            \strlen($comment) + 2,
        ) . $comment . substr($jpeg, 2);
    }

    /** A red square on nothing. */
    public static function cutOut(): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, 0x7F << 24);
        imagefilledrectangle($image, 20, 30, 40, 60, 0xB01E2E);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** @param \Closure(\GdImage): bool $write */
    private static function encoded(\Closure $write): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagefilledrectangle($image, 0, 0, intdiv(self::WIDTH, 2) - 1, self::HEIGHT, 0xB01E2E);
        imagefilledrectangle($image, intdiv(self::WIDTH, 2), 0, self::WIDTH, self::HEIGHT, 0x2F5A3F);
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }
}
