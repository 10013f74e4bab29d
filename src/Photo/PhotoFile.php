<?php

declare(strict_types=1);

namespace App\Photo;

use App\Http\InvalidInput;
use BrightCupboard\Core\Colour\PixelGrid;

/**
 * A photo somebody gave us: decoded once, turned upright, never passed on as it came.
 *
 * Only what it shows goes further: small for its colours, or encoded anew without any of its metadata.
 */
final readonly class PhotoFile
{
    private const MOST_BYTES = 12_000_000;
    private const MOST_PIXELS = 40_000_000;
    private const GRID_SIDE = 160;
    private const KEPT_SIDE = 1200;
    private const QUALITY = 82;
    /** Of GD's 127 steps from opaque to clear. */
    private const HALF_CLEAR = 63;

    private function __construct(private \GdImage $image) {}

    public static function open(string $field, string $path): self
    {
        $bytes = (int) filesize($path);
        $size = $bytes > 0 && $bytes <= self::MOST_BYTES ? @getimagesize($path) : false;
        if (false === $size || !\in_array($size[2], [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP], true)) {
            throw InvalidInput::at(
                $field,
                $bytes > self::MOST_BYTES ? 'The photo is larger than 12 MB.' : 'This is not a photo we can read. Take PNG, JPEG or WebP.',
            );
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw InvalidInput::at($field, sprintf('The photo has %d by %d dots; at most 40 million in all can be read.', $size[0], $size[1]));
        }
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if (false === $image) {
            throw InvalidInput::at($field, 'The photo is damaged and cannot be read.');
        }

        return new self(self::upright($image, \IMAGETYPE_JPEG === $size[2] ? $path : null));
    }

    /** Small enough to look for colours in; what is see-through is known as such. */
    public function grid(): PixelGrid
    {
        $small = $this->scaled(self::GRID_SIDE, true);
        [$width, $height] = [imagesx($small), imagesy($small)];
        $pixels = $clear = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $colour = (int) imagecolorat($small, $x, $y);
                if (($colour >> 24 & 0x7F) > self::HALF_CLEAR) {
                    $clear[\count($pixels)] = true;
                }
                $pixels[] = $colour & 0xFFFFFF;
            }
        }

        return new PixelGrid($width, $height, $pixels, $clear);
    }

    /** Encoded anew as JPEG, longest side at most 1,200 dots, nothing of the original's metadata in it. */
    public function jpeg(): string
    {
        ob_start();
        imagejpeg($this->scaled(self::KEPT_SIDE), null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** @param bool $isClear whether what is see-through stays so; otherwise it stands on white */
    private function scaled(int $side, bool $isClear = false): \GdImage
    {
        [$width, $height] = [imagesx($this->image), imagesy($this->image)];
        $factor = min(1.0, $side / max($width, $height));
        [$w, $h] = [max(1, (int) round($width * $factor)), max(1, (int) round($height * $factor))];
        $small = imagecreatetruecolor($w, $h);
        imagealphablending($small, !$isClear);
        imagefill($small, 0, 0, $isClear ? 0x7F << 24 : 0xFFFFFF);
        imagecopyresampled($small, $this->image, 0, 0, 0, 0, $w, $h, $width, $height);

        return $small;
    }

    /** Cameras store how they were held instead of turning the picture (Exif orientation, 1 to 8). */
    private static function upright(\GdImage $image, ?string $jpeg): \GdImage
    {
        $exif = null === $jpeg ? false : @exif_read_data($jpeg);
        $orientation = \is_array($exif) && \is_int($exif['Orientation'] ?? null) ? $exif['Orientation'] : 1;
        if (\in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($image, 4 === $orientation ? \IMG_FLIP_VERTICAL : \IMG_FLIP_HORIZONTAL);
        }
        $turn = match ($orientation) {
            3 => 180, 5, 8 => 90, 6, 7 => 270, default => 0,
        };

        $turned = 0 === $turn ? false : imagerotate($image, $turn, 0);

        return false === $turned ? $image : $turned;
    }
}
