<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Http\Name;
use BrightCupboard\Core\Stock\Assumed;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use Symfony\Component\Validator\Constraints as Assert;

/** A piece; lengths, weight and money as people write them. */
final readonly class PieceInput
{
    /**
     * @param list<ColourInput> $colours
     * @param list<FaceInput>   $faces
     * @param list<PartInput>   $parts
     * @param list<Material>    $materials
     * @param list<Season>      $seasons
     * @param list<Hazard>      $hazards
     * @param list<Assumed>     $assumed   what nobody has looked at yet
     * @param string            $place     where new units are: "tote:…", "spot:…", "loose"
     */
    public function __construct(
        #[Name]
        public string $name,
        public PieceKind $kind,
        #[Assert\Range(min: 1, max: 999, notInRangeMessage: 'A piece has a count from {{ min }} to {{ max }}, got {{ value }}.')]
        public int $count,
        public string $width,
        public string $depth,
        public string $height,
        public string $weight,
        public array $colours,
        #[Assert\Count(max: 6, maxMessage: 'At most {{ limit }} materials.')]
        public array $materials,
        public Finish $finish,
        public array $seasons,
        public array $hazards,
        #[Assert\Length(max: 20)]
        public string $shape,
        #[Assert\Length(max: 20)]
        public string $pattern,
        #[Assert\Length(max: 20, maxMessage: 'The origin is one or two words, such as bought or thrifted.')]
        public string $origin,
        public string $costEach,
        public string $replacementEach,
        public string $cameOn,
        #[Assert\Length(max: 500, maxMessage: 'Care notes have at most {{ limit }} characters.')]
        public string $care,
        public array $faces,
        public array $parts,
        public SetInput $set,
        public string $place,
        public ?int $version = null,
        public string $laidOut = '',
        public array $assumed = [],
    ) {}
}
