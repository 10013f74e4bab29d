<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal\House;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\Srgb;

/**
 * The colour of a cover or a top: "navy velvet sofa", "table 60 x 36, walnut", "bed, linen cover in oat".
 *
 * @internal
 */
final readonly class CoverWords
{
    /** What a table is for, or what stands on it, is not its colour. */
    private const FOR = '/\b(?:coffee|cocktail|cocoa|tea|wine|card|kettle|plant|lamp|tv)(?:\s+(?:table|stand|bench))\b'
        . '|\b(?:copper|brass)\s+(?:kettle|lamp)\b|\b\pL+\s+headboard\b/iu';
    /** What a part says beside the colour where it tells of the cover and of nothing else. */
    private const OF_COVER = '/\b(?:covers?|covered|slip\s?covers?|upholster(?:y|ed)|top|tops|surface|seats?|bedding|bed\s?spread|duvet|quilt|coverlet'
        . '|counterpane|sheets?|table\s?cloth|cloth|fabric|linen|velvet|cotton|wool|leather|leatherette|suede|boucl[eé]|corduroy|tweed|wood|wooden|timber'
        . '|stained?|painted|lacquered|is|are|in|with|of|the|an?|its?|all|plain|solid)\b/iu';
    /** Of what tables are made => the word of its colour; from memory. */
    private const WOODS = [
        'cherry' => 'chestnut', 'pine' => 'pine wood', 'beech' => 'tan', 'birch' => 'fawn', 'maple' => 'fawn', 'ash' => 'fawn', 'teak' => 'caramel',
        'elm' => 'oak', 'bamboo' => 'tan', 'rattan' => 'tan', 'wicker' => 'tan', 'rosewood' => 'mahogany', 'ebony' => 'soot', 'larch' => 'tan',
        'acacia' => 'cinnamon', 'mango' => 'caramel',
    ];

    public function __construct(private ColourNames $colours) {}

    /**
     * @param string       $name  what the spot is called
     * @param list<string> $notes whatever else was said of it
     *
     * @return Srgb|null null where nothing is said of its colour
     */
    public function read(string $name, array $notes): ?Srgb
    {
        $named = explode(' ', mb_strtolower(trim((string) preg_replace(self::FOR, ' ', $name))));
        foreach ($named as $i => $word) {
            $colour = null === SpotWords::kind($word) ? $this->colour($word . ' ' . ($named[$i + 1] ?? '')) ?? $this->colour($word) : null;
            if (null !== $colour) {
                return $colour;
            }
        }
        foreach ($notes as $note) {
            $said = $this->colour((string) preg_replace(self::OF_COVER, ' ', mb_strtolower($note)));
            if (null !== $said) {
                return $said;
            }
        }

        return null;
    }

    private function colour(string $words): ?Srgb
    {
        $words = trim((string) preg_replace('/[\s-]+/', ' ', $words));

        return $this->colours->read(self::WOODS[$words] ?? $words);
    }
}
