<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Stock;

/** A place, and which spot, tote or arrangement it is where that matters. */
final readonly class Place
{
    private function __construct(public PlaceKind $kind, public ?string $id) {}

    public static function spot(string $id): self
    {
        return new self(PlaceKind::Spot, $id);
    }

    public static function tote(string $id): self
    {
        return new self(PlaceKind::Tote, $id);
    }

    /** In the arrangement that is the piece of this id. */
    public static function within(string $id): self
    {
        return new self(PlaceKind::Within, $id);
    }

    public static function of(PlaceKind $kind, ?string $id = null): self
    {
        return $kind->isNamed() === (null !== $id) ? new self($kind, $id)
            : throw new \LogicException(sprintf('The place "%s" %s.', $kind->value, $kind->isNamed() ? 'must say which one' : 'has no further name'));
    }

    /** Stable text form, such as "spot:01HX…" or "table"; of() of it gives the same place. */
    public function key(): string
    {
        return null === $this->id ? $this->kind->value : $this->kind->value . ':' . $this->id;
    }

    public static function ofKey(string $key): self
    {
        $at = strpos($key, ':');

        return false === $at ? self::of(PlaceKind::from($key)) : self::of(PlaceKind::from(substr($key, 0, $at)), substr($key, $at + 1));
    }
}
