<?php

declare(strict_types=1);

namespace BrightCupboard\Tests\Core\Draft;

use BrightCupboard\Core\Coach\Dressing;
use BrightCupboard\Core\Draft\Available;
use BrightCupboard\Core\Draft\Candidate;
use BrightCupboard\Core\Draft\CandidateRanking;
use BrightCupboard\Core\Draft\Recipe;
use BrightCupboard\Core\Draft\SpotRole;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Material;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Tests\Core\Support\Make;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What spots are made of is common practice; how much less or more a mood makes of it is our own. */
final class RecipeTest extends TestCase
{
    public function testATreeThatCameWithItsLightsWantsNoMore(): void
    {
        $spot = Make::spot(width: 48, depth: 48, clear: 84, ledge: 0, kind: SpotKind::Tree);
        foreach ([[[], 0, true], [[Hazard::Mains], 2, false]] as [$hazards, $there, $isLacking]) {
            $dressing = new Dressing($spot, [Make::placed(Make::piece('fir', PieceKind::Tree, 40, 80, hazards: $hazards), 4)]);

            self::assertSame($there, Recipe::there(SpotRole::Light, $dressing));
            self::assertSame($isLacking, Recipe::isLacking(Recipe::usual(SpotKind::Tree)->lacks(SpotRole::Light, $dressing)));
        }
    }

    /** Airy below 34, layered from 67; doors and trees have what they have. */
    #[TestWith([SpotKind::Mantel, 20, 'light', 1])]
    #[TestWith([SpotKind::Mantel, 33, 'greenery', 1])]
    #[TestWith([SpotKind::Mantel, 34, 'light', 2])]
    #[TestWith([SpotKind::Mantel, 66, 'light', 2])]
    #[TestWith([SpotKind::Mantel, 67, 'light', 3])]
    #[TestWith([SpotKind::Mantel, 90, 'backdrop', 1])]
    #[TestWith([SpotKind::Sofa, 10, 'cushion', 3])]
    #[TestWith([SpotKind::Sofa, 90, 'cushion', 5])]
    #[TestWith([SpotKind::Door, 90, 'wreath', 1])]
    #[TestWith([SpotKind::Tree, 10, 'light', 2])]
    public function testAMoodMakesALittleLessOrMoreOfIt(SpotKind $kind, int $mood, string $role, int $wanted): void
    {
        self::assertSame($wanted, Recipe::usual($kind, $mood)->wanted[$role]);
    }

    public function testWhatIsUsualOfAKindIsAmongWhatItCanAskFor(): void
    {
        foreach (SpotKind::cases() as $kind) {
            $roles = array_map(static fn(SpotRole $role): string => $role->value, Recipe::rolesOf($kind->form()));

            self::assertSame([], array_diff(array_keys(Recipe::usual($kind)->wanted), $roles), $kind->value);
        }
    }

    /** A home that wants three lights on a shelf and nothing else is offered lights first, and a jug last. */
    public function testWhatBelongsGoesByTheRecipeOfTheHome(): void
    {
        $offers = array_map(static fn($piece): Available => new Available($piece, 1, 'A1'), [
            Make::piece('jug', PieceKind::Jug, 7, 12),
            Make::piece('storm glass', PieceKind::StormGlass, 6, 12, materials: [Material::Glass]),
        ]);
        $first = static fn(?Recipe $recipe): string => array_map(
            static fn(Candidate $one): string => $one->available->piece->id,
            (new CandidateRanking())->rank(new Dressing(Make::spot(), []), $offers, Make::judgement(), Season::Winter, 12, $recipe)->candidates,
        )[0];

        self::assertSame('storm glass', $first(Recipe::own(['light' => 3, 'mid-high one' => 0])));
        self::assertSame('jug', $first(Recipe::own(['mid-high one' => 1])));
    }

    public function testUnitsThatAreThereAreCounted(): void
    {
        $dressing = new Dressing(Make::spot(), [Make::placed(Make::piece('glasses', PieceKind::StormGlass, 6, 12, count: 2), 10, count: 2)]);

        self::assertSame([2, 0], [Recipe::there(SpotRole::Light, $dressing), Recipe::there(SpotRole::Greenery, $dressing)]);
    }
}
