<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

/**
 * What people write for what a thing is made of.
 *
 * @internal
 */
final class MaterialWords
{
    private const OF = [
        'brass' => 'brass, gold metal, copper, bronze metal',
        'clay' => 'clay, terracotta, terra cotta, earthenware, plaster, gypsum',
        'cotton' => 'cotton, canvas, flannel, chenille, corduroy, muslin, cheesecloth, crochet cotton',
        'dried stems' => 'preserved, dried, wheat, pampas, feathers, dried flowers, corn husk',
        'faux greenery' => 'faux, artificial, silk flowers, juniper, cedar, boxwood, magnolia, spruce, mixed pine, pine greens, evergreen',
        'fresh greenery' => 'fresh, live, real, living',
        'glass' => 'glass, mercury glass, crystal, milk glass, cut glass',
        'iron' => 'iron, cast iron, wrought iron, steel, metal',
        'jute' => 'burlap, hessian, jute, rope, coir, sisal, raffia, twine',
        'linen' => 'linen',
        'paper' => 'paper, card, cardboard, papier mache, paper mache, tissue',
        'plastic' => 'plastic, resin, acrylic, foam, styrofoam, polystyrene, vinyl, lucite',
        'porcelain' => 'porcelain, china, bone china',
        'reed' => 'reed, seagrass, bamboo, grapevine, rattan, wicker, willow, cane, water hyacinth',
        'stone' => 'stone, marble, concrete, cement, slate, alabaster, travertine, granite, soapstone',
        'stoneware' => 'stoneware, pottery, ceramic',
        'tin' => 'tin, galvanised, galvanized, pewter, silver plate, zinc, enamel, enamelware, enamelled',
        'velvet' => 'velvet, velour',
        'wax' => 'wax, beeswax, soy wax',
        'wood' => 'wood, wooden, oak, walnut, pine wood, olive wood, mango wood, cherry wood, driftwood, birch, bark, cork, wine cork, mdf, '
            . 'plywood, teak, acacia, reclaimed wood',
        'wool' => 'wool, woollen, woolen, woolly, wooly, felt, felted, fleece, sherpa, faux fur, fur, cashmere, mohair',
    ];

    /** @return array<string, string> word => material */
    public static function byWord(): array
    {
        /** @var array<string, string>|null $materials */
        static $materials = null;
        if (null === $materials) {
            $materials = [];
            foreach (self::OF as $material => $words) {
                $materials += array_fill_keys(explode(', ', $words), $material);
            }
        }

        return $materials;
    }
}
