<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Intake\Lexicon;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\Reply;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\LengthText;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Stock\Kept;
use BrightCupboard\Core\Stock\KindFacts;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Texture;

/**
 * What a sensible person takes a thing to be where nothing is said of its size or colour: the usual of its kind, marked as
 * assumed, so that somebody walks it with a tape later. All from memory.
 *
 * @internal
 */
final readonly class Usual
{
    /** How much smaller or larger than usual such a word makes a thing. */
    private const FACTORS = [
        'mini' => 0.5, 'miniature' => 0.5, 'tiny' => 0.4, 'small' => 0.7, 'sm' => 0.7, 'little' => 0.7, 'short' => 0.7, 'medium' => 1.0,
        'med' => 1.0, 'large' => 1.4, 'lg' => 1.4, 'big' => 1.4, 'tall' => 1.4, 'xl' => 1.8, 'huge' => 2.0, 'oversized' => 1.8,
        'giant' => 2.0,
    ];
    private const COLOURS = [
        'arrangement' => 'leaf green', 'bauble' => 'red', 'bauble/drop' => 'bone', 'bauble/cone' => 'chestnut', 'figure/snowman' => 'white',
        'figure/deer' => 'fawn', 'beads' => 'oak', 'bell' => 'brass', 'boat' => 'oak',
        'sled' => 'red', 'truck' => 'red', 'books' => 'linen', 'bowl' => 'white', 'box' => 'oak',
        'candlestick' => 'brass', 'candle group' => 'ivory', 'clock' => 'oak', 'cone' => 'straw', 'crock' => 'stone grey', 'cushion' => 'linen',
        'figure' => 'oak', 'garland' => 'fir', 'gourd' => 'straw',
        'hare' => 'oat', 'heron' => 'oak', 'hooks' => 'soot', 'jar' => 'duck egg', 'jug' => 'white', 'lamp' => 'brass', 'lantern' => 'soot',
        'lights' => 'ivory', 'little house' => 'tallow', 'machine' => 'soot',
        'mirror' => 'gold', 'napkin' => 'linen', 'picture' => 'oak', 'pillar candle' => 'ivory',
        'plate' => 'white', 'pot plant' => 'leaf green', 'pumpkin' => 'pumpkin', 'ribbon' => 'red',
        'runner' => 'linen', 'sign' => 'oak', 'stand' => 'white', 'star' => 'gold', 'stocking' => 'red', 'throw' => 'oat', 'tray' => 'oak',
        'tree' => 'fir', 'tree skirt' => 'ivory', 'vase' => 'white', 'wreath' => 'fir',
    ];
    /** Width and depth of what is slim, as part of its height (from memory). */
    private const SLIM = 0.27;
    private const SLIM_TREE = 0.3;
    private const OTHERS = ['white', 'cream', 'oak', 'black', 'red', 'sage', 'fir', 'blue', 'gold'];
    private const OFFERED = [0.7, 1.0, 1.4, 2.0];

    public function __construct(private LengthText $lengths, private ColourNames $names) {}

    public function size(KindFacts $facts, Draft $draft): void
    {
        $size = $facts->usualSize();
        $measuredBy = 'height' === $facts->measuredBy ? $size->height : $size->width;
        $inches = '' === $draft->kindWord ? null : Lexicon::inches($draft->kindWord);
        $build = $this->build($draft);
        $own = null === $inches ? 1.0 : $inches * Length::TENTHS_PER_INCH / $measuredBy->tenths();
        $factor = $own * $this->factor($draft->line . ' ' . $draft->sized);
        $scaled = static fn(Length $side, float $by): Length => Length::ofTenths(max(1, (int) round($side->tenths() * $by)));
        if ('bow' === $draft->shape) {
            $size = new Size($size->width, ...array_map(static fn(float $part): Length => $scaled($size->width, $part), \array_slice(Sides::BOW, 1)));
        }
        [$width, $depth] = null === $build
            ? [$scaled($size->width, $factor), $scaled($size->depth, $factor)]
            : [$scaled($size->height, $build * $factor), $scaled($size->height, $build * $factor)];
        if (Kept::Folds === $facts->kept && $facts->isLaidOut() && $width->tenths() > RolledOrFolded::FOLDED_FROM) {
            $draft->laidOut ??= $width; // so long it hangs; kept it is as large as any of its kind
            [$width, $depth, $factor] = [$size->width, $size->depth, $factor / $own];
        }
        $draft->sides += ['width' => $width, 'depth' => $depth, 'height' => $scaled($size->height, $factor)];
        $measured = $measuredBy;
        $side = 'height' === $facts->measuredBy ? 'high' : 'wide';
        $said = fn(float $by): string => $this->lengths->write($this->rounded($scaled($measured, $by)));
        $draft->assumed[] = new Question(
            'size',
            'height' === $facts->measuredBy ? 'How high is it?' : 'How wide is it?',
            array_map(static fn(float $by): Reply => new Reply($said($own * $by), $draft->line . ', ' . $said($own * $by)), self::OFFERED),
            sprintf('The size is assumed: %s %s, as usual. Walk it with a tape.', $said($factor), $side),
        );
    }

    /** How wide and deep it is as part of its height, where it is of another build than its kind; null where it is not. */
    public function build(Draft $draft): ?float
    {
        return match (true) {
            Lexicon::isSlim($draft->nearest) => self::SLIM,
            PieceKind::Tree === $draft->kind && 1 === preg_match('/\b(?:slim|pencil|skinny|narrow)\b/iu', $draft->line) => self::SLIM_TREE,
            default => Lexicon::build($draft->kindWord),
        };
    }

    public function colour(Draft $draft): void
    {
        $word = ('' === $draft->nearest
            ? null
            : Lexicon::colourOfFound($draft->nearest))
            ?? self::COLOURS[($draft->kind->value ?? '') . '/' . $draft->shape] ?? self::COLOURS[$draft->kind->value ?? ''] ?? 'linen';
        $word = $this->ofMaterial($word, $draft->materials);
        $colour = $this->names->read($word);
        if (null === $draft->kind || null === $colour) {
            return; // what is usual follows from the kind
        }
        $draft->colours[] = $colour;
        $replies = array_map(
            static fn(string $other): Reply => new Reply($other, $draft->line . ', ' . $other),
            array_values(array_diff(self::OTHERS, [$word])),
        );
        $draft->assumed[] = new Question('colours', 'Which colour is it?', $replies, sprintf('The colour is assumed: %s.', $word));
    }

    /**
     * A garland of paper is no fir, a figure of stoneware no oak.
     *
     * @param list<Material> $materials
     */
    private function ofMaterial(string $word, array $materials): string
    {
        $textures = array_map(static fn(Material $one): Texture => $one->texture(), $materials);
        $isOf = static fn(Texture $texture): bool => \in_array($texture, $textures, true);

        return match (true) {
            [] === $materials => $word,
            'fir' === $word => $isOf(Texture::Greenery) ? $word : 'linen',
            'oak' === $word => $isOf(Texture::Wood) ? $word : ($isOf(Texture::Clay) ? 'white' : 'linen'),
            default => $word,
        };
    }

    private function factor(string $line): float
    {
        foreach (self::FACTORS as $word => $factor) {
            if (1 === preg_match('/\b' . $word . '\b/iu', $line)) {
                return $factor;
            }
        }

        return 1.0;
    }

    /** To a figure that a person would say: whole inches or centimetres, halves of what is small. */
    private function rounded(Length $length): Length
    {
        $whole = str_ends_with($this->lengths->write($length), 'cm') ? 100 : Length::TENTHS_PER_INCH;
        $step = $length->tenths() < 4 * $whole ? intdiv($whole, 2) : $whole;

        return Length::ofTenths(max($step, $step * (int) round($length->tenths() / $step)));
    }
}
