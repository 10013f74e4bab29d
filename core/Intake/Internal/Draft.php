<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Weight;
use BrightCupboard\Core\Money\Money;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;

/**
 * A piece as it comes into being while a line is read.
 *
 * @internal
 */
final class Draft
{
    public string $name = '';
    public ?PieceKind $kind = null;
    /** The word that decided the kind. */
    public string $kindWord = '';
    /** The same, of a thing without a kind of its own. */
    public string $nearest = '';
    /** What grows or lies about, such as moss: a bunch of it where nothing else is named. */
    public string $grown = '';
    public ?int $count = null;
    /** Whether the thing is said in the plural. */
    public bool $isMany = false;
    /** Whether “set of” or “box of” said it: a price beside it is for all of them. */
    public bool $isSoldTogether = false;
    /** Whether "100 ct" said it: of lights that is how many are on one string. */
    public bool $isCountOfParts = false;
    /** @var array{width?: Length, depth?: Length, height?: Length} what was said by name */
    public array $sides = [];
    /** @var list<Length> measures that did not say which side they are, in their order */
    public array $measures = [];
    public ?Length $laidOut = null;
    /** Whether "long" said how large it is: what hangs or stands up is long from top to bottom. */
    public bool $isLong = false;
    /** What is printed on it, in its quotation marks. */
    public string $printed = '';
    /** Whether its diameter was said: what hangs or leans is as high as it is wide. */
    public bool $isRound = false;
    /** @var list<string> measures that stood by themselves, as they were written; empty for one with a side */
    public array $single = [];
    /** A word for its size, such as "large", said in a cell of its own. */
    public string $sized = '';
    public ?Weight $weight = null;
    /** @var list<Srgb> */
    public array $colours = [];
    /** @var list<Srgb> of words that are a material as well; they count where no other colour is named */
    public array $materialColours = [];
    /** That of the word for the thing itself, such as "pumpkin"; it counts where nothing else tells a colour. */
    public ?Srgb $kindColour = null;
    /** @var list<Material> */
    public array $materials = [];
    public ?Finish $finish = null;
    /** @var list<Season> */
    public array $seasons = [];
    public bool $isStaple = false;
    /** @var list<Hazard> */
    public array $hazards = [];
    public bool $isFlameless = false;
    public bool $isPlugged = false;
    /** Whether a table states them, be it that there are none: then nothing usual is added. */
    public bool $areHazardsSaid = false;
    public bool $areMaterialsSaid = false;
    public string $shape = '';
    /** What of the shape the word for the kind told. */
    public string $shapeOfKind = '';
    public string $pattern = '';
    public string $origin = '';
    public ?Money $costEach = null;
    /** @var array{found: string, money: Money, isTogether: bool}|null a price that does not say whether it is for each */
    public ?array $bare = null;
    public ?string $place = null;
    /** What is seen on it, to stand at the end of its name: ", holly print". */
    public string $look = '';
    /** @var list<string> */
    public array $care = [];
    /** @var list<string> */
    public array $guesses = [];
    /** @var list<Question> */
    public array $questions = [];
    /** @var list<Question> what was assumed where nothing was said, with what it could be instead */
    public array $assumed = [];
    /** @var list<string> words that say nothing known */
    public array $unknown = [];

    /** @param string $line as it was typed */
    public function __construct(public readonly string $line) {}

    /** Forgets what the words of a phrase have said since. */
    public function restore(self $before): void
    {
        $this->kindWord = $before->kindWord;
        [$this->kind, $this->nearest, $this->grown, $this->shape, $this->pattern, $this->origin, $this->finish] = [
            $before->kind,
            $before->nearest,
            $before->grown,
            $before->shape,
            $before->pattern,
            $before->origin,
            $before->finish,
        ];
        [$this->materials, $this->colours, $this->materialColours] = [$before->materials, $before->colours, $before->materialColours];
        [$this->seasons, $this->isStaple, $this->hazards, $this->isFlameless] = [$before->seasons, $before->isStaple, $before->hazards, $before->isFlameless];
        [$this->care, $this->guesses] = [$before->care, $before->guesses];
    }

    public function addMaterial(Material $material): void
    {
        if (!\in_array($material, $this->materials, true)) {
            $this->materials[] = $material;
        }
    }

    public function addHazard(Hazard $hazard): void
    {
        if (!\in_array($hazard, $this->hazards, true)) {
            $this->hazards[] = $hazard;
        }
    }

    public function addSeason(Season $season): void
    {
        if (!\in_array($season, $this->seasons, true)) {
            $this->seasons[] = $season;
        }
    }
}
