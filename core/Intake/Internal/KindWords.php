<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

/**
 * What people call things, by the kind it is; after a slash, the shape the words tell. Singular forms.
 *
 * @internal
 */
final class KindWords
{
    /** Words for the kind itself, and for what is one of that kind. */
    private const OWN = [
        'arrangement' => 'arrangement, centrepiece, centerpiece',
        'basket' => 'basket, hamper',
        'basket/handle' => 'trug',
        'bauble' => 'bauble, ornament, ball, glass ball',
        'bauble/cone' => 'pine cone, pinecone',
        'bauble/drop' => 'acorn, egg',
        'beads' => 'beads, bead garland, beaded garland',
        'bell' => 'bell, jingle bell, sleigh bell, cow bell',
        'boat' => 'boat, ship, sailboat, canoe',
        'sled' => 'sled, sleigh, sledge, toboggan',
        'truck' => 'truck, pickup, pickup truck, lorry',
        'books' => 'book, books, stack of books, book stack',
        'bowl' => 'bowl, fruit bowl, punch bowl, compote',
        'box' => 'crate, box, riser',
        'bunch' => 'bunch, bouquet, stem, spray',
        'bunch/twig' => 'branch, stick, twig',
        'bunch/wheat' => 'sheaf',
        'candle group' => 'candle group',
        'candlestick' => 'candlestick, candle stick, candle holder, candleholder, kinara, diya, hanukkiah, chanukiah, taper holder, '
            . 'taper candle holder, candelabra, '
            . 'candelabrum, menorah, chamberstick',
        'candlestick/block' => 'tea light holder, tealight holder, tea light glass, tealight glass, votive holder, votive glass, votive cup',
        'clock' => 'clock, mantel clock, mantle clock, carriage clock, alarm clock, table clock',
        'clock/round' => 'wall clock',
        'cone' => 'cone, paper cone',
        'crock' => 'crock, pot, planter, plant pot, flower pot, cachepot',
        'cushion' => 'cushion, pillow, lumbar pillow, lumbar cushion, lumbar, cushion cover, pillow cover, pillowcase, bolster, throw pillow, scatter cushion',
        'figure' => 'figure, figurine, statue, angel, nutcracker, gnome, santa, elf, snow queen, bust',
        'figure/bird' => 'bird, owl, raven, crow, dove, robin, swan, duck, goose, rooster, hen, chicken, chick, duckling, '
            . 'gosling, peacock, partridge, cardinal bird',
        'figure/deer' => 'deer, reindeer, stag',
        'figure/snowman' => 'snowman',
        'garland' => 'garland, swag',
        'garland/leaf' => 'leaf garland, maple garland, oak leaf garland, magnolia garland',
        'garland/balls' => 'ball garland, pom pom garland, pompom garland, popcorn garland, cranberry garland, bell string, bell strand, '
            . 'bell rope, string of bells, strand of bells',
        'garland/flags' => 'bunting, banner, pennant, pennant banner, flag garland, papel picado',
        'gourd' => 'gourd, squash',
        'hare' => 'hare, rabbit, bunny',
        'heron' => 'bookend, heron',
        'hooks' => 'hook, hooks, wreath hanger, coat hook',
        'jar' => 'jar, mason jar, canister, apothecary jar',
        'jug' => 'jug, pitcher',
        'lamp' => 'lamp, table lamp, desk lamp, bedside lamp, reading lamp',
        'lantern' => 'lantern',
        'lights' => 'lights, string lights, fairy lights, light string, string light, twinkle lights, curtain lights, icicle lights, rope light, tree lights, '
            . 'lantern string, lantern garland, string lantern, lantern lights',
        'little house' => 'little house, cottage, house',
        'machine' => 'machine, coffee maker, coffee machine, espresso machine, espresso maker, pod machine',
        'machine/case' => 'toaster, speaker, diffuser, stand mixer, mixer, popcorn machine, popcorn maker, slow cooker',
        'machine/kettle' => 'electric kettle',
        'mirror' => 'mirror',
        'napkin' => 'napkin, serviette, tea towel, dish towel, hand towel',
        'picture' => 'picture, print, frame, painting, photo frame, picture frame, wall art, poster, watercolour, watercolor, drawing, photograph',
        'pillar candle' => 'tea light, tealight, votive, votive candle, pillar candle, candle, taper candle, taper, dinner candle, jar candle, pillar',
        'plate' => 'plate, platter, charger, saucer',
        'pot plant' => 'pot plant, potted plant, houseplant, plant, succulent, cactus',
        'pot plant/ball' => 'topiary, topiary ball, topiary double ball, topiary triple ball, double ball topiary, triple ball topiary',
        'pot plant/flower' => 'poinsettia, amaryllis, hyacinth, cyclamen, orchid plant, potted mum, mum plant, chrysanthemum',
        'pumpkin' => 'pumpkin, jack o lantern',
        'ribbon' => 'ribbon, ribbon spool, spool of ribbon, ribbon roll, roll of ribbon',
        'runner' => 'runner, table runner, tablecloth, table cloth, table topper, table scarf',
        'sign' => 'sign, block sign, banner sign, house sign, plaque, letter board, letterboard, chalkboard, cross',
        'stand' => 'stand, cake stand, pedestal, pedestal stand',
        'stand/tiers' => 'tiered tray, tier tray, tiered stand, tiered cake stand',
        'star' => 'star, tree topper, snowflake',
        'stocking' => 'stocking',
        'storm glass' => 'cloche, cake dome, dome, storm glass, hurricane, hurricane vase, bell jar, glass dome, terrarium',
        'throw' => 'throw, throw blanket, blanket, rug, sheepskin, quilt, coverlet, bedspread, afghan',
        'tree skirt' => 'tree skirt, christmas tree skirt, xmas tree skirt',
        'tree skirt/collar' => 'tree collar, christmas tree collar, tree ring',
        'tray' => 'tray',
        'tray/rect' => 'board, cutting board, chopping board, bread board, serving board',
        'tree' => 'tree, fir, little tree, christmas tree, xmas tree, bottle brush tree, bottlebrush tree, '
            . 'bottle brush, lemon tree, orange tree, olive '
            . 'tree, apple tree, cherry tree, fig tree, palm tree',
        'vase' => 'vase',
        'vase/bottle' => 'bottle, decanter, demijohn',
        'vase/bud' => 'bud vase',
        'vase/ginger' => 'ginger jar',
        'vase/moon' => 'moon vase',
        'vase/urn' => 'urn',
        'wreath' => 'wreath',
    ];
    /** Things without a kind of their own, by the kind they are drawn and kept as; said whenever it is taken. */
    private const NEAREST = [
        'basket' => 'nest, bird nest, cornucopia, laundry bin, sack, santa sack, gift sack',
        'bauble' => 'napkin ring, candy cane, lollipop, charm, icicle, tassel, decoration, sphere, orb, pompom, pom pom, knob',
        'books' => 'bookends, magazine, album, cookbook, guest book, bible',
        'bowl' => 'egg cup, dough bowl, mould, mold, dish, trough, trencher, tureen, colander, birdbath, bird bath, basin',
        'box' => 'stool, corbel, scale, trunk, suitcase, chest, radio, record player, turntable, typewriter, camera, music box, '
            . 'cracker, christmas cracker, gift box, '
            . 'present, biscuit tin, cookie tin, bread bin, hay bale, bale, step stool, bench, table, chair, side table, shelf',
        'bunch' => 'reindeer moss, spanish moss, sheet moss, preserved moss, pick, filler, vase filler, bowl filler, fake snow, potpourri, cattail, frond',
        'candlestick' => 'spool, bobbin, spindle, snuffer, candle snuffer, sconce, wall sconce, oil lamp, candle plate',
        'cone' => 'hat, witch hat, party hat',
        'crock' => 'bucket, pail, cauldron, kettle, tub, churn, butter churn, milk can, coal scuttle, umbrella stand, plant stand, '
            . 'jardiniere, top hat, washtub, wash tub, ice bucket, champagne bucket, wine bucket, pot stand',
        'cushion' => 'cushion insert, pillow insert, pouf, pouffe, ottoman',
        'figure' => 'stocking holder, stocking hanger, skate, skates, ice skate, ice skates, '
            . 'place card holder, place cards holder, card holder, name card holder, sugar skull, dreidel, nesting doll, matryoshka, '
            . 'ladder, skeleton, skull, witch, ghost, scarecrow, wise man, wise men, shepherd, nativity, nativity set, camel, lamb, '
            . 'sheep, fox, squirrel, hedgehog, bear, teddy, teddy bear, moose, cat, dog, horse, rocking horse, elephant, lion, frog, '
            . 'turtle, fish, doll, puppet, mouse, soldier, mermaid, mushroom, toadstool, pig, cow, butterfly, bee, spider, bat, '
            . 'leprechaun, fairy, turkey, spinning wheel, umbrella, broom, skis, snowshoes, statuette, sculpture, finial, globe, '
            . 'hourglass, telescope, trophy, whale, seahorse, pineapple',
        'garland' => 'tinsel, paper chain, streamer, stocking garland',
        'hooks' => 'hanger, rack, plate stand, plate hanger, plate rack, curtain rod, curtain rail, key rack, wine rack',
        'jar' => 'tumbler, tin can, cookie jar, biscuit jar',
        'jug' => 'mug, cup, teapot, tea pot, watering can, coffee pot, carafe, creamer, ewer, tankard, stein, teacup',
        'lamp' => 'floor lamp, standard lamp',
        'lantern' => 'luminaria, birdcage, bird cage, chandelier, lamp shade, lampshade',
        'little house' => 'village house, church, birdhouse, bird house, gingerbread house, barn, lighthouse, windmill, village, snow '
            . 'village, christmas village, doll house, dollhouse, stable, castle',
        'picture' => 'postcard, greeting card, letter, advent calendar, calendar, easel, scroll, canvas, tapestry, wall hanging, map, tile, '
            . 'shutter, window frame, fire screen, headboard, flag, paddle, oar, tombstone, headstone, dartboard, noticeboard, corkboard',
        'ribbon' => 'bow, sash, twine',
        'star' => 'moon, sun, medallion, starfish, topper, rosette, fan',
        'storm glass' => 'snow globe, snowglobe, wine glass, goblet, champagne flute, champagne glass, water glass, drinking glass, coupe, beaker',
        'throw' => 'scarf, shawl, curtain, curtain panel, drape, duvet, duvet cover, fabric, cloth, cheesecloth, gauze, muslin, '
            . 'canopy, skirt, sheet, apron, towel, bath towel, hide',
        'truck' => 'car, train, locomotive, tractor, wagon, cart, camper, van, bus, fire engine',
        'tray' => 'mat, doormat, door mat, welcome mat, bath mat, placemat, place mat, coaster, trivet, lazy susan, cheese board, '
            . 'charcuterie board, log slice, wood slice, serving tray',
        'wreath' => 'candle ring, hoop, ring, advent wreath, horseshoe, laurel',
    ];
    /**
     * Grows or lies about, and stands for a bunch of it only where nothing else is named: "rose" is a colour of a
     * cushion, "shell" what a mirror is set with.
     */
    private const GROWN = [
        'flower', 'leaf', 'petal', 'orange slice', 'carrot', 'apple', 'pear', 'artichoke', 'cabbage', 'pomegranate', 'grape', 'rose',
        'peony', 'hydrangea', 'tulip', 'daffodil', 'sunflower', 'dahlia', 'lily', 'carnation', 'fern', 'moss', 'grass', 'pampas',
        'pampas grass', 'eucalyptus', 'lavender', 'wheat', 'holly', 'ivy', 'mistletoe', 'feather', 'shell', 'sea shell', 'seashell',
        'coral', 'berry', 'snow', 'pussy willow', 'greenery', 'leaf', 'magnolia', 'forsythia', 'cherry blossom', 'plum blossom', 'blossom',
        'mum', 'lemon', 'lime', 'fig', 'clementine', 'baby breath', 'pebble', 'antler', 'corn', 'thistle', 'curly willow', 'log',
        'rosemary', 'thyme', 'basil', 'pothos',
    ];

    /** What lies about and is no plant, with its colour. */
    private const FOUND = [
        'shell' => 'bone', 'sea shell' => 'bone', 'seashell' => 'bone', 'coral' => 'coral', 'feather' => 'white', 'pebble' => 'stone grey',
        'antler' => 'bone', 'log' => 'bark', 'snow' => 'white', 'fake snow' => 'white', 'corn' => 'straw', 'wheat' => 'wheat',
        'pampas' => 'straw', 'pampas grass' => 'straw', 'grass' => 'straw',
    ];
    /** How large such things are, in inches on the side their kind is measured by (from memory). */
    private const INCHES = [
        'coaster' => 4, 'trivet' => 8, 'placemat' => 15, 'place mat' => 15, 'doormat' => 30, 'mat' => 30, 'napkin ring' => 2,
        'egg cup' => 2.5, 'mug' => 4, 'cup' => 3, 'teacup' => 3, 'teapot' => 7, 'tea pot' => 7, 'postcard' => 6, 'ladder' => 60,
        'stool' => 18, 'bench' => 18, 'chair' => 34, 'table' => 28, 'floor lamp' => 60, 'plant stand' => 24, 'standard lamp' => 60,
        'bat' => 6, 'spider' => 4, 'mouse' => 4, 'bee' => 2, 'butterfly' => 3, 'skeleton' => 36, 'scarecrow' => 40, 'rocking horse' => 24,
        'bow' => 8, 'snuffer' => 10, 'candle snuffer' => 10, 'charm' => 2, 'icicle' => 5, 'candy cane' => 6, 'umbrella' => 34,
        'broom' => 48, 'trunk' => 18, 'suitcase' => 16, 'pick' => 8, 'filler' => 4, 'vase filler' => 4, 'bowl filler' => 4, 'diya' => 2,
        'bucket' => 10, 'curtain' => 84, 'wine glass' => 8, 'goblet' => 7,
        'tumbler' => 5, 'taper' => 10, 'taper candle' => 10, 'dinner candle' => 10, 'tea light' => 0.75, 'tealight' => 0.75, 'votive' => 2.5,
        'votive candle' => 2.5, 'candle ring' => 6, 'ring' => 6, 'letter' => 8,
    ];

    /** Width and depth of what differs in build from its kind, as part of its height (from memory). */
    private const BUILD = [
        'taper' => 0.09, 'taper candle' => 0.09, 'dinner candle' => 0.09, 'tea light' => 2.0, 'tealight' => 2.0, 'votive' => 0.8,
        'votive candle' => 0.8, 'pencil tree' => 0.3, 'slim tree' => 0.3, 'tub' => 1.6, 'washtub' => 1.6, 'wash tub' => 1.6,
    ];

    /** Narrower for their height than their kind. */
    private const SLIM = ['floor lamp', 'standard lamp', 'ladder', 'umbrella', 'broom', 'skis', 'oar', 'paddle', 'plant stand'];

    public static function isSlim(string $word): bool
    {
        return \in_array($word, self::SLIM, true);
    }

    public static function build(string $word): ?float
    {
        return self::BUILD[$word] ?? null;
    }

    public static function inches(string $word): ?float
    {
        return self::INCHES[$word] ?? null;
    }

    public static function colourOfFound(string $word): ?string
    {
        return self::FOUND[$word] ?? null;
    }

    /** @return array<string, string> word => kind, after a slash the shape it tells */
    public static function own(): array
    {
        /** @var array<string, string>|null $own */
        static $own = null;

        return $own ??= self::byWord(self::OWN);
    }

    /** @return array<string, string> word => the kind it is drawn and kept as */
    public static function nearest(): array
    {
        /** @var array<string, string>|null $nearest */
        static $nearest = null;

        return $nearest ??= self::byWord(self::NEAREST);
    }

    public static function isGrown(string $word): bool
    {
        return \in_array($word, self::GROWN, true);
    }

    /**
     * @param array<string, string> $words by kind
     *
     * @return array<string, string>
     */
    private static function byWord(array $words): array
    {
        $kinds = [];
        foreach ($words as $kind => $list) {
            $kinds += array_fill_keys(explode(', ', $list), $kind);
        }

        return $kinds;
    }
}
