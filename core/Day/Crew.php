<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Day;

/** The people of a day, one to six, each called otherwise. The first stays to the end, whatever it takes. */
final readonly class Crew
{
    private const MOST = 6;

    /**
     * @param list<Hand> $hands
     *
     * @throws InvalidDay
     */
    public function __construct(public array $hands)
    {
        if ([] === $hands || \count($hands) > self::MOST) {
            throw InvalidDay::people(\count($hands));
        }
        $known = [];
        foreach ($hands as $hand) {
            $name = mb_strtolower(trim($hand->name));
            if (isset($known[$name])) {
                throw InvalidDay::twice($hand->name);
            }
            $known[$name] = true;
        }
    }

    /** People who may do everything and stay all day. */
    public static function of(int $people): self
    {
        return new self(array_map(static fn(int $i): Hand => new Hand(['you', 'helper'][$i] ?? 'helper ' . $i), $people < 1 ? [] : range(0, $people - 1)));
    }

    public function size(): int
    {
        return \count($this->hands);
    }

    /** Whether there are people enough, and among them those who may do it. */
    public function canDo(Effort $effort): bool
    {
        $climbers = \count(array_filter($this->hands, static fn(Hand $hand): bool => $hand->climbs));
        $lifters = \count(array_filter($this->hands, static fn(Hand $hand): bool => $hand->lifts));

        return $this->size() >= $effort->hands && (!$effort->climbs || $climbers > 0) && (!$effort->lifts || $lifters >= $effort->hands);
    }
}
