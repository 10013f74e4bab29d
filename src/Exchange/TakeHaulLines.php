<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\HaulLine;
use App\Entity\HaulWay;
use App\Entity\Home;
use App\Entity\Swap;
use App\Haul\KeepLine;
use App\Haul\LineInput;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Http\Violation;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\InvalidColour;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\IntakeLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\TableOf;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\Offer;
use BrightCupboard\Core\Money\OfferKind;
use BrightCupboard\Core\Money\Tender;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Haul lines from a table, read as a line of intake is; one that is written down already stays as it is. */
#[AsController]
final readonly class TakeHaulLines
{
    private const GONE = [LineState::Dropped, LineState::Returned];

    public function __construct(private TakeList $take, private KeepLine $keep, private EntityManagerInterface $entities, private ColourNames $names) {}

    #[Route('/api/homes/{home}/swaps/{swap}/lines/table', methods: ['POST'])]
    public function __invoke(Swap $swap, #[Body] ListFileInput $input): ListReadAnswer
    {
        $home = $swap->home();
        $there = [];
        foreach ($this->entities->getRepository(HaulLine::class)->findBy(['swap' => $swap]) as $line) {
            if (!\in_array($line->state(), self::GONE, true)) {
                $there[mb_strtolower($line->name())] = sprintf('%s, %s', $line->name(), $line->state()->value);
            }
        }

        return ($this->take)(
            $input,
            TableOf::HaulLines,
            static fn(array $cells): string => $there[mb_strtolower(trim($cells['name'] ?? ''))] ?? '',
            fn(array $cells): LineInput => $this->line($home, $cells),
            function (LineInput $line) use ($swap, $home): array {
                $kept = ($this->keep)($swap, null, $line);

                return [
                    'id' => $kept->id,
                    'detail' => sprintf(
                        '%s %d (%s), %s%s',
                        $kept->way->value,
                        $kept->needed,
                        $kept->kind->value,
                        $home->currency(),
                        number_format($kept->total / 100, 2),
                    ),
                ];
            },
        );
    }

    /** @param array<string, string> $cells */
    private function line(Home $home, array $cells): LineInput
    {
        // A name is taken as it is; here it only says what kind of thing it may be.
        $name = (string) preg_replace('/[\d,;“”"]+/u', ' ', $cells['name'] ?? '');
        $kind = trim($cells['kind'] ?? '');
        [$width, $height] = [trim($cells['width'] ?? ''), trim($cells['height'] ?? '')];
        $isMeasured = '' !== $width && '' !== $height;
        $said = array_filter(
            [
                '' === $kind ? $name : $kind,
                $cells['size'] ?? '',
                $isMeasured ? '' : self::sided($width, 'wide'),
                $isMeasured ? '' : self::sided($height, 'high'),
            ],
            static fn(string $cell): bool => '' !== $cell,
        );
        $line = new IntakeLine($home->unit(), $home->currency(), [], $this->names);
        $reading = $line->read(implode(', ', $said));
        $colour = $this->colour($cells['colour'] ?? '') ?? ($line->read($name)->colours[0] ?? null)?->colour;
        $open = array_filter($reading->questions, static fn(Question $question): bool => match ($question->field) {
            'colours' => null === $colour,
            'width', 'height' => !$isMeasured,
            default => true,
        });
        $asked = array_values(array_map(static fn(Question $question): Violation => new Violation($question->field, $question->sentence), $open));
        if ([] !== $asked) {
            throw new InvalidInput($asked);
        }
        [$offer, $value, $payFor] = self::offer($cells['offer'] ?? '');
        $exact = static fn(?Length $length): string => TableText::length($home->unit(), $length ?? Length::zero());

        return new LineInput(
            null,
            $cells['name'] ?? '',
            self::word('way', $cells['way'] ?? '', HaulWay::Buy, HaulWay::tryFrom(...), 'buy, make, borrow or restyle'),
            $reading->kind ?? throw new \LogicException('A reading without a question has a kind.'),
            $isMeasured ? $width : $exact($reading->width),
            $isMeasured ? $height : $exact($reading->height),
            ($colour ?? throw new \LogicException('A reading without a question has a colour.'))->hex(),
            $cells['price'] ?? '',
            $offer,
            $value,
            $payFor,
            self::whole('pack', $cells['pack'] ?? ''),
            self::whole('needed', $cells['needed'] ?? ''),
            self::word('paid with', $cells['paid with'] ?? '', Tender::Purse, Tender::tryFrom(...), 'purse or gift card'),
        );
    }

    private function colour(string $cell): ?Srgb
    {
        if ('' === trim($cell)) {
            return null;
        }
        try {
            return $this->names->read(mb_strtolower(trim($cell))) ?? Srgb::ofHex(trim($cell));
        } catch (InvalidColour) {
            throw InvalidInput::at(
                'colour',
                sprintf('“%s” is not a colour word we know; write one such as rust or sage, or #B5532A.', mb_strimwidth($cell, 0, 40, '…')),
            );
        }
    }

    private static function sided(string $cell, string $side): string
    {
        return '' === trim($cell) ? '' : trim($cell) . ' ' . $side;
    }

    /** @return array{OfferKind, string, int} */
    private static function offer(string $cell): array
    {
        $fields = new Fields();
        $offer = $fields->read('offer', static fn(): Offer => Offer::read($cell), Offer::none());
        $fields->complete();

        return [
            $offer->kind,
            OfferKind::Fixed === $offer->kind ? sprintf('%d.%02d', intdiv($offer->value, 100), $offer->value % 100) : (string) $offer->value,
            $offer->payFor,
        ];
    }

    private static function whole(string $field, string $cell): int
    {
        return '' === trim($cell)
            ? 1
            : (1 === preg_match('/^\s*(\d{1,4})\s*$/', $cell, $match)
                ? (int) $match[1]
                : throw InvalidInput::at($field, sprintf('“%s” is not a number of pieces.', mb_strimwidth($cell, 0, 40, '…'))));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param T                    $otherwise
     * @param \Closure(string): ?T $read
     *
     * @return T
     */
    private static function word(string $field, string $cell, \BackedEnum $otherwise, \Closure $read, string $words): \BackedEnum
    {
        return '' === trim($cell)
            ? $otherwise
            : $read(mb_strtolower(trim($cell))) ?? throw InvalidInput::at(
                $field,
                sprintf('“%s” is not known here: write %s.', mb_strimwidth($cell, 0, 40, '…'), $words),
            );
    }
}
