<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\ColourShare;
use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;

/**
 * Completes what a line left out by the usual of its kind and material, saying so; asks where there is no usual.
 *
 * @internal
 */
final readonly class Completion
{
    private const COLOUR_OF = [
        'brass' => 'brass', 'iron' => 'soot', 'tin' => 'pewter', 'reed' => 'straw', 'jute' => 'tan', 'wood' => 'oak',
        'clay' => 'terracotta', 'glass' => 'duck egg', 'faux greenery' => 'fir', 'fresh greenery' => 'leaf green', 'dried stems' => 'wheat',
        'linen' => 'linen', 'wax' => 'ivory', 'stone' => 'stone grey', 'porcelain' => 'white',
    ];
    private const FINISH_OF = [
        'brass' => 'metal', 'iron' => 'metal', 'tin' => 'metal', 'glass' => 'clear', 'reed' => 'woven', 'jute' => 'woven',
        'velvet' => 'velvet', 'wood' => 'wood grain', 'stoneware' => 'glazed', 'porcelain' => 'glazed',
    ];
    private const BREAKS = [Material::Glass, Material::Porcelain, Material::Stoneware, Material::Clay];
    /** Words for plants that the published lists of plants toxic to cats and dogs name. */
    private const TOXIC = '/\b(?:poinsettia|amaryllis|hyacinth|cyclamen|lil(?:y|ies)|daffodils?|tulips?|mistletoe|holly|ivy)\b/iu';
    /** What is kept as another kind and has a lead, which that kind has not. */
    private const CORDED = '/(?<!oil )\b(?:lamps?|chandeliers?|kettles?|coffee (?:maker|machine)s?|fountains?)$/iu';
    private const PRELIT = '/\b(?:(?:pre-?)?lit|lighted)\b/iu';
    private const TRIMMED = '/(?<!\pL)(\pL+)\s+(?:(?:velvet|satin|plaid|silk|burlap)\s+)?(?:bows?|ribbons?|berr(?:y|ies)|baubles?|ornaments?|balls|trim)\b/iu';
    private const BOW = '/\bbows?$/iu';
    /** Runs along as a garland does and is no greenery. */
    private const OF_CLOTH = '/\b(?:buntings?|banners?|pennants?)\b/iu';
    /** A pattern, unless it is the thing itself. */
    private const PLAID = '/\bplaid\b/iu';
    private const PUTS_OUT = '/\b(?:snuffers?|douters?)\b/iu';
    private const GROWN = ['fresh greenery', 'dried stems'];
    private const FAUX = '/\b(?:faux|fake|artificial|silk|plastic)\b/iu';
    private const MAIN_SHARE = 70;
    /** Said in the plural and one thing all the same: a stack, a string, a board. */
    private const MANY_IN_ONE = [null, PieceKind::Books, PieceKind::Lights, PieceKind::Beads, PieceKind::Hooks, PieceKind::CandleGroup];
    private const TOGETHER = '/\b(?:bundle|bunch|bag|box|jar|cluster|string|strand|spray|pick|stack|tied|letters)\b/iu';
    private const COUNTS_OFFERED = [2, 3, 4, 6, 12];

    private Usual $usual;
    private Sides $sides;

    public function __construct(LengthText $lengths, private ColourNames $names)
    {
        $this->usual = new Usual($lengths, $names);
        $this->sides = new Sides($lengths, $this->usual);
    }

    public function complete(Draft $draft): void
    {
        if (null === $draft->kind && '' !== $draft->grown) {
            [$draft->kind, $draft->nearest] = 1 === preg_match('/\bpotted\b/iu', $draft->line)
                ? [PieceKind::PotPlant, '']
                : [PieceKind::Bunch, $draft->grown];
        }
        if (null !== $draft->kind && '' !== $draft->nearest) {
            $draft->guesses[] = sprintf('“%s” is drawn and kept as %s.', $draft->nearest, $draft->kind->withArticle());
            $draft->shape = '' === $draft->shape && 1 === preg_match(self::BOW, $draft->nearest) ? 'bow' : $draft->shape;
        }
        if (null === $draft->kind && 1 === preg_match(self::PLAID, $draft->line)) {
            $draft->kind = PieceKind::Throw;
        }
        if (null === $draft->kind) {
            $draft->questions[] = new Question(
                'kind',
                'What kind of thing is it?',
                array_map(
                    static fn(string $word): Reply => new Reply($word, $draft->line . ', ' . $word),
                    ['vase', 'bowl', 'candlestick', 'figure', 'bauble', 'basket', 'box', 'picture', 'bunch'],
                ),
            );
        }
        $this->count($draft);
        $this->material($draft);
        $this->sides->complete($draft);
        $draft->colours = [] === $draft->colours ? $draft->materialColours : $draft->colours;
        if (1 === \count($draft->colours) && $this->isOfItsTrimming($draft)) {
            $trimming = $draft->colours;
            $draft->colours = [];
            $this->colour($draft);
            $draft->colours = [...$draft->colours, ...$trimming];
        }
        if ([] === $draft->colours) {
            $this->colour($draft);
        }
        $draft->finish ??= $this->finish($draft);
        $this->hazards($draft);
        if ('' === $draft->name && null !== $draft->kind) {
            $draft->questions[] = new Question('name', 'What is it called?');
        }
    }

    /** One is counted where nobody said how many; of a thing said in the plural that is only assumed. */
    private function count(Draft $draft): void
    {
        $isSeveral = null === $draft->count
            && [] === $draft->questions
            && !\in_array($draft->kind, self::MANY_IN_ONE, true)
            && Lexicon::singular($draft->kindWord) !== $draft->kindWord
            && 1 !== preg_match(self::TOGETHER, $draft->line);
        $draft->count ??= 1;
        if ($isSeveral) {
            $replies = array_map(static fn(int $count): Reply => new Reply((string) $count, "{$draft->line}, x{$count}"), self::COUNTS_OFFERED);
            $draft->assumed[] = new Question('count', 'How many are there?', $replies, 'One is counted: nobody said how many.');
        }
    }

    /** @return list<ColourShare> the first named is the body */
    public function shares(Draft $draft): array
    {
        $colours = [];
        foreach ($draft->colours as $colour) {
            $colours[$colour->number()] ??= $colour;
        }
        $colours = \array_slice(array_values($colours), 0, 5);
        $others = \count($colours) - 1;
        if ($others < 1) {
            return array_map(static fn(Srgb $colour): ColourShare => new ColourShare($colour, 100), $colours);
        }
        $each = intdiv(100 - self::MAIN_SHARE, $others);

        return array_map(
            static fn(Srgb $colour, int $i): ColourShare => new ColourShare($colour, 0 === $i ? 100 - $others * $each : $each),
            $colours,
            array_keys($colours),
        );
    }

    public static function hasUsualMaterial(?PieceKind $kind): bool
    {
        return null !== $kind?->facts()->material;
    }

    private function material(Draft $draft): void
    {
        $usual = $draft->kind?->facts()->material;
        $isGrown = [] !== array_intersect($words = array_map(static fn(Material $one): string => $one->value, $draft->materials), self::GROWN);
        if ($isGrown && \in_array(Material::FauxGreenery->value, $words, true) && 1 !== preg_match(self::FAUX, $draft->line)) {
            // "cedar garland, real": a plant is taken for faux only as long as nothing is said.
            $draft->materials = array_values(array_filter($draft->materials, static fn(Material $one): bool => Material::FauxGreenery !== $one));
        }
        if ('' !== $draft->nearest && null !== Lexicon::colourOfFound($draft->nearest)) {
            $usual = null; // a shell is no plant
        }
        if (1 === preg_match(self::OF_CLOTH, $draft->line)) {
            $usual = Material::Cotton;
        }
        if (null !== $usual && Texture::Greenery === $usual->texture() && 1 === preg_match('/\bsilk\b/iu', $draft->line)) {
            $usual = Material::FauxGreenery; // silk is no plant
        }
        if ([] === $draft->materials && !$draft->areMaterialsSaid && null !== $usual) {
            $draft->addMaterial($usual);
            $draft->materialColours = null === $draft->kindColour ? $draft->materialColours : [$draft->kindColour]; // said by what it is called
            $draft->guesses[] = sprintf('Usually of %s.', $usual->value);
        }
    }

    /** "Boxwood wreath, red bow": the colour is that of what is on the greenery. */
    private function isOfItsTrimming(Draft $draft): bool
    {
        return \in_array($draft->kind, [PieceKind::Wreath, PieceKind::Garland, PieceKind::Tree], true)
            && Texture::Greenery === ($draft->materials[0] ?? null)?->texture()
            && 1 === preg_match(self::TRIMMED, $draft->line, $match)
            && $this->names->read(mb_strtolower($match[1]))?->hex() === $draft->colours[0]->hex();
    }

    private function colour(Draft $draft): void
    {
        foreach ($draft->materials as $material) {
            $colour = isset(self::COLOUR_OF[$material->value]) ? $this->names->read(self::COLOUR_OF[$material->value]) : null;
            if (null !== $colour) {
                $draft->colours[] = $colour;
                $draft->guesses[] = sprintf('The colour of %s: %s.', $material->value, self::COLOUR_OF[$material->value]);

                return;
            }
        }
        if (null !== $draft->kindColour) {
            $draft->colours[] = $draft->kindColour;

            return;
        }
        $this->usual->colour($draft);
    }

    private function finish(Draft $draft): Finish
    {
        foreach ($draft->materials as $material) {
            if (isset(self::FINISH_OF[$material->value])) {
                return Finish::from(self::FINISH_OF[$material->value]);
            }
        }

        return Finish::Plain;
    }

    private function hazards(Draft $draft): void
    {
        if ($draft->areHazardsSaid) {
            return;
        }
        foreach ($draft->materials as $material) {
            if (\in_array($material, self::BREAKS, true) && !\in_array(Hazard::Breakable, $draft->hazards, true)) {
                $draft->addHazard(Hazard::Breakable);
                $draft->guesses[] = sprintf('%s breaks.', ucfirst($material->value));
            }
        }
        if (
            1 === preg_match(self::TOXIC, $draft->line)
            && \in_array(Material::FreshGreenery, $draft->materials, true)
            && !\in_array(Hazard::ToxicToPets, $draft->hazards, true)
        ) {
            $draft->addHazard(Hazard::ToxicToPets);
            $draft->guesses[] = 'Kept away from pets: such plants are on the lists of toxic ones.';
        }
        $usual = $draft->kind?->facts()->hazards ?? [];
        $burns = \in_array(Hazard::OpenFlame, $usual, true) && 1 !== preg_match(self::PUTS_OUT, $draft->line);
        if ($burns && !$draft->isFlameless && !$draft->isPlugged && !\in_array(Hazard::OpenFlame, $draft->hazards, true)) {
            $draft->addHazard(Hazard::OpenFlame);
            $draft->guesses[] = 'Burns with an open flame, unless you write flameless.';
        }
        $isCorded = $draft->isPlugged
            || \in_array(Hazard::Mains, $usual, true)
            || 1 === preg_match(self::PRELIT, $draft->line)
            || ('' !== $draft->nearest && 1 === preg_match(self::CORDED, $draft->nearest));
        if ($isCorded && !$draft->isFlameless && !\in_array(Hazard::Mains, $draft->hazards, true)) {
            $draft->addHazard(Hazard::Mains);
            $draft->guesses[] = 'Has a mains cord, unless you write battery.';
        }
    }
}
