<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Search\Internal;

use BrightCupboard\Core\Search\Condition;
use BrightCupboard\Core\Search\SearchCard;
use BrightCupboard\Core\Stock\PieceKind;

/**
 * Small, tall, wide for what it is: a tall vase is taller than vases are, a small mirror is still larger than a vase.
 *
 * @internal
 */
final readonly class ByKindCondition implements Condition
{
    /** Word => side, and how many times the usual it is at least, or at most where that is below one (own values). */
    private const WORDS = [
        'small' => ['most', 0.8], 'little' => ['most', 0.8], 'tiny' => ['most', 0.6], 'mini' => ['most', 0.6], 'big' => ['most', 1.25],
        'large' => ['most', 1.25], 'huge' => ['most', 1.6], 'oversized' => ['most', 1.6],
        'tall' => ['height', 1.2], 'short' => ['height', 0.8], 'low' => ['height', 0.8], 'wide' => ['width', 1.25], 'narrow' => ['width', 0.8],
        'long' => ['width', 1.25],
    ];

    private function __construct(private string $word, private string $side, private float $times) {}

    public static function of(string $word): ?self
    {
        return isset(self::WORDS[$word]) ? new self($word, ...self::WORDS[$word]) : null;
    }

    public function met(SearchCard $card): ?string
    {
        $kind = PieceKind::tryFrom($card->kind);
        if (null === $kind) {
            return null;
        }
        $usual = $kind->facts()->usualSize();
        $long = max($card->width, $card->run);
        [$has, $is] = match ($this->side) {
            'height' => [$card->height, $usual->height->tenths()],
            'width' => [$long, $usual->width->tenths()],
            default => [max($long, $card->height), max($usual->width->tenths(), $usual->height->tenths())],
        };
        $ratio = $has / max(1, $is);

        return ($this->times < 1 ? $ratio <= $this->times : $ratio >= $this->times) ? $this->word . ' for ' . $kind->withArticle() : null;
    }

    public function asked(): string
    {
        return $this->word;
    }
}
