<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Measure;

use BrightCupboard\Core\CoreException;

/** A length, weight or day that cannot be taken: the sentence names the value and the limit. */
final class InvalidMeasure extends \DomainException implements CoreException
{
    public static function notFinite(string $what): self
    {
        return new self(sprintf('A %s must be an ordinary number.', $what));
    }

    public static function negative(string $what, float $value, string $unit): self
    {
        return new self(sprintf('A %s cannot be negative, got %s %s.', $what, self::plain($value), $unit));
    }

    public static function tooMuch(string $what, float $value, string $unit, string $limit): self
    {
        return new self(sprintf('A %s can be at most %s, got %s %s.', $what, $limit, self::plain($value), $unit));
    }

    /** As it was written, in whatever unit that was. */
    public static function below(string $what, string $text): self
    {
        return new self(sprintf('A %s cannot be negative, got “%s”.', $what, self::quoted($text)));
    }

    public static function above(string $what, string $text, string $limit): self
    {
        return new self(sprintf('A %s can be at most %s, got “%s”.', $what, $limit, self::quoted($text)));
    }

    public static function unreadable(string $what, string $text, string $example): self
    {
        if ('' === trim($text)) {
            return new self(sprintf('Write a %s here, like %s.', $what, $example));
        }

        return new self(sprintf('“%s” is not a %s. Write it like %s.', self::quoted($text), $what, $example));
    }

    public static function noSuchDay(string $day): self
    {
        return new self(sprintf('There is no %s in the calendar.', $day));
    }

    public static function farDay(string $day, int $first, int $last): self
    {
        return new self(sprintf('A day is one between %d and %d, got %s.', $first, $last, $day));
    }

    private static function quoted(string $text): string
    {
        return mb_strimwidth(trim($text), 0, 40, '…');
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
