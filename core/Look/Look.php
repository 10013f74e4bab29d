<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Look;

use BrightCupboard\Core\Stock\Texture;

/** What a swap should look like: ribbons, textures, what rests, mood and balance. */
final readonly class Look
{
    private const MOST_RIBBONS = 8;
    private const MIDDLE_MOOD = 50;

    /**
     * @param list<Ribbon>  $ribbons  up to eight, shares summing to 100 %; none as long as no look is chosen
     * @param list<Texture> $textures wanted; empty when any will do
     * @param int           $mood     0 airy to 100 layered
     */
    public function __construct(
        public string $name,
        public array $ribbons,
        public array $textures,
        public Resting $resting,
        public int $mood,
        public BalanceSchool $balance,
        public ColourSchool $colour = ColourSchool::AsRibbons,
    ) {
        if (\count($ribbons) > self::MOST_RIBBONS) {
            throw InvalidLook::ribbonCount(\count($ribbons), self::MOST_RIBBONS);
        }
        $sum = array_sum(array_map(static fn(Ribbon $ribbon): int => $ribbon->percent, $ribbons));
        if ([] !== $ribbons && 100 !== $sum) {
            throw InvalidLook::sharesDoNotSum($sum);
        }
        if ($mood < 0 || $mood > 100) {
            throw InvalidLook::mood($mood);
        }
    }

    /** No look is chosen yet: nothing is judged by it. */
    public static function notChosen(string $name): self
    {
        return new self($name, [], [], new Resting(), self::MIDDLE_MOOD, BalanceSchool::Centred);
    }

    /** The same look by another school or in another mood. */
    public function judgedBy(?BalanceSchool $balance, ?int $mood): self
    {
        return null === $balance && null === $mood
            ? $this
            : new self($this->name, $this->ribbons, $this->textures, $this->resting, $mood ?? $this->mood, $balance ?? $this->balance, $this->colour);
    }

    /**
     * The look reduced to some of its ribbons, their shares as they are to one another; itself when it has none of them.
     *
     * @param list<string> $names
     */
    public function only(array $names): self
    {
        $kept = array_values(array_filter($this->ribbons, static fn(Ribbon $ribbon): bool => \in_array($ribbon->name, $names, true)));
        $sum = array_sum(array_map(static fn(Ribbon $ribbon): int => $ribbon->percent, $kept));
        if ([] === $kept || $sum <= 0) {
            return $this;
        }
        $left = 100;
        $ribbons = [];
        foreach ($kept as $i => $ribbon) {
            $percent = $i === \count($kept) - 1 ? $left : (int) round($ribbon->percent * 100 / $sum);
            $left -= $percent;
            $ribbons[] = new Ribbon($ribbon->name, $ribbon->colour, $ribbon->role, $percent);
        }

        return new self($this->name, $ribbons, $this->textures, $this->resting, $this->mood, $this->balance, $this->colour);
    }

    public function isChosen(): bool
    {
        return [] !== $this->ribbons;
    }
}
