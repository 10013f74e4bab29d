<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Stock\Condition;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\SpotHazard;

/**
 * The words people write for what is near a spot, from where it is seen, and what it is like where a tote is kept.
 *
 * @internal
 */
final readonly class NearWords
{
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
    /** What says the same within more words: "gas fire below", "the cat sleeps here". */
    private const WITHIN = [
        '/\b(?:heat|hot|fire|fireplace|flames?|stove|wood\s?burner|log\s?burner|radiator|heater|heating vent|boiler)\b/iu' => SpotHazard::Heat,
        '/\b(?:steam\w*|spatters?|splash\w*|sink|hob|cooker|cooktop|kettle|shower|damp|grease|greasy)\b/iu' => SpotHazard::Steam,
        '/\b(?:weather|outside|outdoors?|rain\w*|wind|windy|exposed|uncovered)\b/iu' => SpotHazard::Weather,
        '/\b(?:children|child|kids?|toddlers?|bab(?:y|ies)|grandkids|grandchildren|little ones)\b/iu' => SpotHazard::Children,
        '/\b(?:pets?|cats?|dogs?|kittens?|pupp(?:y|ies)|parrot)\b/iu' => SpotHazard::Pets,
    ];
    /** What a thing is called by is near it. */
    private const IN_NAMES = [
        '/\b(?:radiator|stove|wood\s?burner|log\s?burner)\b/iu' => SpotHazard::Heat, '/\b(?:sink|hob|cooker|cooktop)\b/iu' => SpotHazard::Steam,
        '/\b(?:outside|outdoors?|on (?:the )?(?:porch|patio|deck|balcony|terrace))\b/iu' => SpotHazard::Weather,
        '/\b(?:porch|patio|deck|balcony|garden|terrace|picnic)\s+(?:table|bench|chair|rail\w*)\b/iu' => SpotHazard::Weather,
    ];
    private const NOT = '/\b(?:no|not|never|without|out of reach|away from|isn.t|unused|used to)\b/iu';
    private const SEEN = [
        'both sides' => SeenFrom::BothSides,
        'from both sides' => SeenFrom::BothSides,
        'seen from both sides' => SeenFrom::BothSides,
        'all round' => SeenFrom::AllRound,
        'all around' => SeenFrom::AllRound,
        'from all round' => SeenFrom::AllRound,
        'from all sides' => SeenFrom::AllRound,
        'seen from all sides' => SeenFrom::AllRound,
        'from the front' => SeenFrom::Front,
        'from outside' => SeenFrom::Outside,
        'seen from outside' => SeenFrom::Outside,
        'seen from the street' => SeenFrom::Outside,
        'faces the street' => SeenFrom::Outside,
    ];
    private const CONDITIONS = [
        'hot' => Condition::Heat, 'heat' => Condition::Heat, 'warm' => Condition::Heat, 'damp' => Condition::Damp, 'wet' => Condition::Damp,
        'humid' => Condition::Damp, 'light' => Condition::Light, 'sunny' => Condition::Light, 'sun' => Condition::Light,
    ];

    public static function hazard(string $phrase): ?SpotHazard
    {
        return self::HAZARDS[mb_strtolower(trim($phrase))] ?? null;
    }

    /** What a phrase of several words says is near; nothing where it says that it is not. */
    public static function hazardIn(string $phrase): ?SpotHazard
    {
        return 1 === preg_match(self::NOT, $phrase) ? null : self::first(self::WITHIN, $phrase);
    }

    /** What is near a thing that is called so: a radiator cover gets warm. */
    public static function hazardOf(string $name): ?SpotHazard
    {
        return self::first(self::IN_NAMES, $name);
    }

    /** @param array<string, SpotHazard> $patterns */
    private static function first(array $patterns, string $phrase): ?SpotHazard
    {
        foreach ($patterns as $pattern => $hazard) {
            if (1 === preg_match($pattern, $phrase)) {
                return $hazard;
            }
        }

        return null;
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
