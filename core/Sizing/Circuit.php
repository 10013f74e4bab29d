<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Sizing;

/** One circuit and what hangs on it: what burns for hours may take 80 % of it (NEC 210.20(A)); local code and a licensed electrician decide. */
final readonly class Circuit
{
    public const SHARE = 0.8;

    private function __construct(public float $volts, public float $amps, public float $watts) {}

    /** @return list<Ask> */
    public static function asks(): array
    {
        return [
            Ask::number('volts', 120, 100, 240)->inMetricHomes(230),
            Ask::number('amps', 15, 1, 32)->inMetricHomes(16),
            Ask::number('otherWatts', 0, 0, 20_000),
        ];
    }

    public static function of(Given $given, float $watts): self
    {
        return new self($given->number('volts'), $given->number('amps'), $watts + $given->number('otherWatts'));
    }

    public function limit(): float
    {
        return $this->volts * $this->amps * self::SHARE;
    }

    public function isOver(): bool
    {
        return $this->watts > $this->limit() + 1e-9;
    }

    /** @return list<Said> */
    public function working(float $own): array
    {
        return [
            new Said(
                'circuit watts',
                ['own' => $own, 'other' => $this->watts - $own, 'watts' => $this->watts, 'volts' => $this->volts, 'load' => $this->watts / $this->volts],
            ),
            new Said('circuit limit', ['volts' => $this->volts, 'amps' => $this->amps, 'limit' => $this->limit(), 'most' => $this->amps * self::SHARE]),
        ];
    }

    /** @return list<Said> */
    public function cautions(): array
    {
        return [...($this->isOver() ? [new Said('circuit over', ['watts' => $this->watts, 'limit' => $this->limit()])] : []), new Said('electrician')];
    }
}
