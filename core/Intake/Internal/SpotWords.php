<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\SpotHazard;
use BrightCupboard\Core\Surface\SpotKind;

/**
 * The words people write for spots and what is about them.
 *
 * @internal
 */
final readonly class SpotWords
{
    private const KINDS = [
        'mantel' => 'mantel', 'mantle' => 'mantel', 'mantelpiece' => 'mantel', 'chimney piece' => 'mantel', 'chimney shelf' => 'mantel',
        'fireplace shelf' => 'mantel', 'stove shelf' => 'mantel',
        'hearth' => 'hearth', 'fireplace' => 'hearth', 'fireside' => 'hearth',
        'console' => 'console', 'console table' => 'console', 'hall table' => 'console', 'entry table' => 'console', 'sofa table' => 'console',
        'chest of drawers' => 'console', 'chest' => 'console', 'drawers' => 'console', 'dresser top' => 'console', 'bedside table' => 'console',
        'bedside' => 'console', 'desk' => 'console', 'piano' => 'console', 'tv stand' => 'console',
        'low table' => 'low table', 'coffee table' => 'low table', 'side table' => 'side table', 'end table' => 'side table',
        'nightstand' => 'side table', 'ottoman' => 'low table',
        'dining table' => 'dining table', 'kitchen table' => 'dining table', 'round table' => 'dining table', 'table' => 'dining table',
        'island' => 'dining table', 'kitchen island' => 'dining table',
        'sideboard' => 'sideboard', 'buffet' => 'sideboard', 'credenza' => 'sideboard', 'cabinet' => 'sideboard',
        'shelf' => 'shelf', 'shelves' => 'shelf', 'bookcase' => 'bookcase', 'bookshelf' => 'bookcase', 'bookshelves' => 'bookcase',
        'etagere' => 'bookcase', 'tiered stand' => 'bookcase', 'shelving' => 'shelf', 'ledge' => 'shelf', 'peg shelf' => 'shelf',
        'hutch' => 'hutch', 'dresser' => 'hutch', 'china cabinet' => 'hutch',
        'window sill' => 'window sill', 'windowsill' => 'window sill', 'sill' => 'window sill', 'window' => 'window', 'kitchen window' => 'window',
        'window ledge' => 'window sill',
        'bench' => 'bench', 'window seat' => 'bench', 'settle' => 'bench', 'stool' => 'bench',
        'sofa' => 'sofa', 'couch' => 'sofa', 'settee' => 'sofa', 'sectional' => 'sofa', 'armchair' => 'chair', 'chair' => 'chair',
        'rocker' => 'chair', 'loveseat' => 'sofa',
        'bed' => 'bed', 'daybed' => 'bed',
        'counter corner' => 'counter corner', 'counter' => 'counter corner', 'worktop' => 'counter corner', 'countertop' => 'counter corner',
        'sink edge' => 'counter corner', 'sink' => 'counter corner',
        'drinks station' => 'drinks station', 'coffee station' => 'drinks station', 'coffee bar' => 'drinks station', 'cocoa bar' => 'drinks station',
        'bar cart' => 'drinks station', 'bar' => 'drinks station',
        'door' => 'door', 'front door' => 'door', 'back door' => 'door', 'wall' => 'wall', 'gallery wall' => 'wall',
        'stair rail' => 'stair rail', 'banister' => 'stair rail', 'bannister' => 'stair rail', 'rail' => 'stair rail', 'railing' => 'stair rail',
        'stairs' => 'stair rail', 'staircase' => 'stair rail', 'handrail' => 'stair rail', 'hook' => 'wall', 'hooks' => 'wall',
        'row of hooks' => 'wall', 'hook rail' => 'wall',
        'floor corner' => 'floor corner', 'corner' => 'floor corner', 'floor' => 'floor corner',
        'porch' => 'porch', 'porch step' => 'porch', 'step' => 'porch', 'steps' => 'porch', 'doorstep' => 'porch', 'patio' => 'porch',
        'tree' => 'tree', 'tree corner' => 'tree', 'christmas tree' => 'tree',
    ];
    private const ROOMS = 'hall|hallway|kitchen|parlour|parlor|living room|sitting room|lounge|family room|great room|dining room|bedroom|bathroom'
        . '|bath|landing|study|office|nursery|den|entry|entryway|foyer|mudroom|laundry|laundry room|sunroom|conservatory|guest room|library|pantry'
        . '|utility|playroom|snug|cloakroom|powder room|loft|verandah?|veranda';
    private const HAZARDS = [
        'heat' => SpotHazard::Heat, 'hot' => SpotHazard::Heat, 'warm' => SpotHazard::Heat, 'over the fire' => SpotHazard::Heat,
        'over a fire' => SpotHazard::Heat, 'radiator' => SpotHazard::Heat, 'over the radiator' => SpotHazard::Heat, 'stove' => SpotHazard::Heat,
        'fire' => SpotHazard::Heat,
        'steam' => SpotHazard::Steam, 'spatter' => SpotHazard::Steam, 'splashes' => SpotHazard::Steam, 'by the sink' => SpotHazard::Steam,
        'wet' => SpotHazard::Steam, 'steam or spatter' => SpotHazard::Steam,
        'weather' => SpotHazard::Weather, 'outside' => SpotHazard::Weather, 'outdoors' => SpotHazard::Weather, 'outdoor' => SpotHazard::Weather,
        'rain' => SpotHazard::Weather, 'wind' => SpotHazard::Weather,
        'children' => SpotHazard::Children, 'small children' => SpotHazard::Children, 'kids' => SpotHazard::Children,
        'toddler' => SpotHazard::Children, 'toddlers' => SpotHazard::Children, 'baby' => SpotHazard::Children,
        'pets' => SpotHazard::Pets, 'pet' => SpotHazard::Pets, 'cat' => SpotHazard::Pets, 'cats' => SpotHazard::Pets, 'dog' => SpotHazard::Pets,
        'dogs' => SpotHazard::Pets,
    ];
    private const SEEN = [
        'both sides' => SeenFrom::BothSides,
        'from both sides' => SeenFrom::BothSides,
        'seen from both sides' => SeenFrom::BothSides,
        'all round' => SeenFrom::AllRound,
        'all around' => SeenFrom::AllRound,
        'from all round' => SeenFrom::AllRound,
        'from the front' => SeenFrom::Front,
        'from outside' => SeenFrom::Outside,
        'seen from outside' => SeenFrom::Outside,
    ];
    private const CONDITIONS = [
        'hot' => Condition::Heat, 'heat' => Condition::Heat, 'warm' => Condition::Heat, 'damp' => Condition::Damp, 'wet' => Condition::Damp,
        'humid' => Condition::Damp, 'light' => Condition::Light, 'sunny' => Condition::Light, 'sun' => Condition::Light,
    ];

    public static function kind(string $phrase): ?SpotKind
    {
        $word = mb_strtolower(trim($phrase));

        return isset(self::KINDS[$word]) ? SpotKind::from(self::KINDS[$word]) : null;
    }

    /** Whether it is a room and nothing else: "hall", "bedroom 2", "the upstairs landing". */
    public static function isRoom(string $phrase): bool
    {
        return 1 === preg_match('/^(?:the\s+)?(?:[\w’\']+\s+){0,2}(?:' . self::ROOMS . ')(?:\s+\d+)?$/iu', trim($phrase)) && null === self::kindIn($phrase);
    }

    /** The kind that a phrase is, by itself or with what it is over: "wall", "wall over the sofa". */
    public static function kindOver(string $phrase): ?SpotKind
    {
        return self::kind($phrase) ?? (null === self::below($phrase) ? null : self::kindIn($phrase));
    }

    /** What something is over, in "wall over the sofa" or "art above sideboard"; null when it is over nothing that is known. */
    public static function below(string $name): ?SpotKind
    {
        return 1 === preg_match('/\b(?:over|above|behind)\s+(?:the\s+|an?\s+)?([^,;\d]+)/iu', $name, $match) ? self::kindIn($match[1]) : null;
    }

    /** The kind that a name ends in or holds: "long hall table" is a console, "sill over the sink" a sill. */
    public static function kindIn(string $name): ?SpotKind
    {
        $own = preg_split('/\s+(?:over|above|behind|beside|next to|under|below|by|near|in|at)\s+/iu', trim($name))[0] ?? $name;
        $words = explode(' ', mb_strtolower((string) preg_replace('/\s+/u', ' ', trim($own))));
        for ($length = min(3, \count($words)); $length > 0; --$length) {
            foreach ([...array_reverse(range(0, \count($words) - $length))] as $from) {
                $kind = self::kind(implode(' ', \array_slice($words, $from, $length)));
                if (null !== $kind) {
                    return $kind;
                }
            }
        }

        return null;
    }

    public static function hazard(string $phrase): ?SpotHazard
    {
        return self::HAZARDS[mb_strtolower(trim($phrase))] ?? null;
    }

    public static function seenFrom(string $phrase): ?SeenFrom
    {
        return self::SEEN[mb_strtolower(trim($phrase))] ?? null;
    }

    public static function condition(string $phrase): ?Condition
    {
        return self::CONDITIONS[mb_strtolower(trim($phrase))] ?? null;
    }
}
