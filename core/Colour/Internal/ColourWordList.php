<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Colour\Internal;

/**
 * Plain words for colours, made by hand for this application: things of the house and the garden, no maker's names.
 *
 * @internal
 */
final readonly class ColourWordList
{
    /** What people say as well => the word it is read as. These are read, never used to name a colour. */
    public const ALSO = [
        'milk glass' => 'white', 'mercury glass' => 'silver',
        'grey' => 'mid grey', 'green' => 'leaf green', 'yellow' => 'sunflower', 'orange' => 'tangerine', 'brown' => 'chestnut', 'pink' => 'rose',
        'beige' => 'linen',
        'off white' => 'paper white', 'off-white' => 'paper white', 'silver' => 'silver grey', 'bronze' => 'old brass', 'burgundy' => 'wine',
        'maroon' => 'oxblood', 'magenta' => 'hot pink',
        'indigo' => 'ink blue', 'khaki' => 'deep sage', 'camel' => 'tan', 'cognac' => 'caramel', 'oatmeal' => 'oat',
        'whitewash' => 'bone', 'whitewashed' => 'bone', 'limewashed' => 'bone', 'forest green' => 'pine green',
        'hunter green' => 'fir',
        'ecru' => 'linen', 'scarlet' => 'bright red', 'crimson' => 'red', 'cobalt' => 'royal blue', 'cyan' => 'aqua', 'navy blue' => 'navy',
        'ebony' => 'soot', 'mocha' => 'cocoa', 'nude' => 'fawn', 'golden' => 'gold', 'tan brown' => 'tan',
        'warm white' => 'ivory', 'soft white' => 'ivory', 'cool white' => 'white', 'antique white' => 'tallow', 'winter white' => 'milk',
        'creamy white' => 'ivory', 'vanilla' => 'ivory', 'eggshell' => 'tallow', 'pearl' => 'tallow', 'champagne' => 'fawn',
        'buttercream' => 'butter', 'biscuit' => 'fawn',
        'blue green' => 'teal', 'green blue' => 'teal', 'blue grey' => 'grey blue', 'slate blue' => 'steel blue', 'dove grey' => 'silver grey',
        'gunmetal' => 'lead grey', 'chrome' => 'silver grey', 'platinum' => 'silver grey', 'weathered grey' => 'stone grey',
        'baby blue' => 'pale blue', 'robin egg' => 'duck egg', 'robin egg blue' => 'duck egg', "robin's egg" => 'duck egg',
        'dusty blue' => 'smoke blue', 'azure' => 'clear blue', 'sapphire' => 'royal blue', 'aquamarine' => 'aqua', 'seafoam' => 'mint',
        'sea foam' => 'mint', 'celadon' => 'pale sage', 'jade green' => 'jade',
        'yellow green' => 'lime', 'chartreuse' => 'lime', 'avocado' => 'moss', 'kelly green' => 'bright green', 'evergreen' => 'fir',
        'marigold' => 'yolk', 'goldenrod' => 'sunflower', 'citron' => 'lemon', 'turmeric' => 'saffron', 'red orange' => 'ember',
        'persimmon' => 'tangerine', 'paprika' => 'ember', 'sienna' => 'rust', 'burnt sienna' => 'rust',
        'rose gold' => 'clay', 'antique gold' => 'old brass', 'antique brass' => 'old brass', 'oil rubbed bronze' => 'coffee',
        'blush pink' => 'blush', 'baby pink' => 'pale pink', 'ruby' => 'deep red', 'garnet' => 'wine', 'merlot' => 'wine',
        'candy apple red' => 'bright red', 'eggplant' => 'aubergine', 'amethyst' => 'heather', 'wisteria' => 'lilac', 'chocolate' => 'cocoa',
        'chocolate brown' => 'cocoa', 'espresso' => 'coffee', 'driftwood grey' => 'mushroom', 'sandstone' => 'sand',
    ];

    /** First word => what it does to the colour named after it: step of lightness and factor of chroma in OKLCh. Own values. */
    public const SHADES = [
        'light' => [0.12, 0.75], 'pale' => [0.16, 0.55], 'soft' => [0.06, 0.65], 'dusty' => [0.02, 0.55], 'muted' => [0.0, 0.55], 'faded' => [0.06, 0.5],
        'dark' => [-0.14, 0.9], 'deep' => [-0.12, 1.0], 'bright' => [0.03, 1.3], 'strong' => [0.0, 1.3], 'vivid' => [0.0, 1.5],
        'pastel' => [0.16, 0.5], 'smoky' => [-0.04, 0.5], 'warm' => [0.0, 1.05], 'rich' => [-0.05, 1.15],
    ];

    /** Word => where it lies, as a number 0 to 0xFFFFFF. */
    public const WORDS = [
        'white' => 0xFFFFFF, 'chalk white' => 0xEDECE7, 'paper white' => 0xFAF8F2, 'milk' => 0xF7F1E3, 'ivory' => 0xF3EAD3, 'cream' => 0xF2E3BE,
        'tallow' => 0xF0E7D4, 'bone' => 0xE5DCC6, 'linen' => 0xE8DECD, 'oat' => 0xD8C8A8, 'sand' => 0xD3BE97, 'putty' => 0xBFB39C,
        'mushroom' => 0xB4A798, 'taupe' => 0x8E8175, 'greige' => 0xC9C0B2,
        'pale grey' => 0xD6D7D5, 'silver grey' => 0xB9BCBC, 'stone grey' => 0xA6A49D, 'mid grey' => 0x8B8E8E, 'slate' => 0x5E6A71,
        'pewter' => 0x757B7C, 'lead grey' => 0x5A5D5F, 'charcoal' => 0x3E4244, 'soot' => 0x2B2A28, 'black' => 0x121212,
        'straw' => 0xDFC98A, 'wheat' => 0xDDBB72, 'honey' => 0xD9A441, 'amber' => 0xD08B1F, 'ochre' => 0xC08A2E, 'mustard' => 0xC9A227,
        'deep mustard' => 0xA37F14, 'gold' => 0xC7A13A, 'brass' => 0xB08D47, 'old brass' => 0x8C6D2F, 'lemon' => 0xF3E071, 'pale lemon' => 0xF6EDB0,
        'butter' => 0xF4DF9C, 'yolk' => 0xF2B63C, 'sunflower' => 0xF0C419, 'saffron' => 0xE79B24,
        'apricot' => 0xF2B984, 'peach' => 0xF4C6A5, 'soft peach' => 0xF8DCC6, 'melon' => 0xF0A07A, 'coral' => 0xE5795B, 'soft coral' => 0xEDA28C,
        'tangerine' => 0xE2742A, 'pumpkin' => 0xCE6A1E, 'burnt orange' => 0xB5561B, 'ember' => 0xB5532A, 'rust' => 0xA4492A, 'soft rust' => 0xC27B5E,
        'terracotta' => 0xBE6B4C, 'brick' => 0x9B4233, 'copper' => 0xB0683F, 'clay' => 0xC29A80, 'cinnamon' => 0x94552F, 'caramel' => 0xB67B42,
        'tan' => 0xC4A073, 'fawn' => 0xCDB08A,
        'chestnut' => 0x77412A, 'walnut' => 0x5F4330, 'oak' => 0xA07C4F, 'pine wood' => 0xCFAE78, 'cocoa' => 0x5B3E31, 'coffee' => 0x4A3428,
        'umber' => 0x6B5038, 'mahogany' => 0x642B20, 'bark' => 0x6E5C4B,
        'blush' => 0xE9C4B9, 'shell pink' => 0xF2D9D0, 'rose' => 0xD58E96, 'dusty rose' => 0xC0898A, 'old rose' => 0xA86A70, 'hot pink' => 0xD9437F,
        'raspberry' => 0xA92B56, 'berry' => 0x8A2846, 'red' => 0xC0272D, 'bright red' => 0xD62828, 'poppy' => 0xD9402E, 'brick red' => 0xA3352B,
        'cranberry' => 0x93202F, 'wine' => 0x6E1F33, 'oxblood' => 0x5A1A21, 'deep red' => 0x7E1B22, 'cherry' => 0x9E1B32,
        'plum' => 0x5C2A4D, 'deep plum' => 0x43203A, 'aubergine' => 0x3B2338, 'heather' => 0x9B7FA3, 'lilac' => 0xC3AFD6, 'soft lilac' => 0xDDD0E6,
        'lavender' => 0xA99CCB, 'violet' => 0x6A4C9A, 'purple' => 0x6B3A7D, 'mauve' => 0xA98AA4, 'mulberry' => 0x76395A, 'orchid' => 0xB77BB4,
        'ice blue' => 0xD4E4EC, 'pale blue' => 0xC2D8E6, 'sky blue' => 0x9CC3DF, 'powder blue' => 0xAFC6D4, 'cornflower' => 0x6F93CE,
        'river blue' => 0x5B86A5, 'denim' => 0x4C6A8C, 'blue' => 0x2F62A8, 'bright blue' => 0x1F6FC4, 'royal blue' => 0x2B4A9B, 'navy' => 0x1F2E4F,
        'midnight' => 0x171F33, 'steel blue' => 0x6C8699, 'smoke blue' => 0x8FA1AC, 'ink blue' => 0x26374F, 'deep blue' => 0x1D3C6B,
        'duck egg' => 0xBFD9D3, 'mint' => 0xB5DCC6, 'sea glass' => 0xA8CFC4, 'aqua' => 0x7CC4C4, 'turquoise' => 0x35A7A5, 'teal' => 0x1F7A7A,
        'deep teal' => 0x14545A, 'petrol' => 0x1D4A55, 'sea green' => 0x3F8F7C, 'juniper' => 0x3E5F5A, 'spruce' => 0x2C4F47,
        'pale sage' => 0xD3DCCB, 'sage' => 0xA9B79B, 'deep sage' => 0x7F8F72, 'grey green' => 0x8C9A8A, 'eucalyptus' => 0x91AA9D, 'olive' => 0x7A7A3A,
        'deep olive' => 0x55562A, 'moss' => 0x6D7A45, 'deep moss' => 0x485430, 'fern' => 0x5B8A47, 'leaf green' => 0x4E8B3A,
        'apple green' => 0x8DB548, 'lime' => 0xB6CC4B, 'pistachio' => 0xC4D59A, 'grass green' => 0x3F7D33, 'bright green' => 0x2E9E46,
        'emerald' => 0x1F7F57, 'bottle green' => 0x17402F, 'fir' => 0x23452F, 'pine green' => 0x2F5A3F, 'holly' => 0x1F4A2C,
        // The far corners, so that no colour is farther than CIEDE2000 10 from a word; decor is seldom so vivid, photos are.
        'vivid green' => 0x0FE15A, 'bright mint' => 0x5AF0C3, 'jade' => 0x4BC387, 'bright lime' => 0xC3FF4B, 'pale lime' => 0xC3FFB4,
        'khaki green' => 0x96963C, 'deep leaf green' => 0x1E5A0F, 'dark moss' => 0x1E2D00, 'green black' => 0x001E0F, 'lichen' => 0x5A7869,
        'bright aqua' => 0x69F0FF, 'ice mint' => 0x96FFF0, 'bright turquoise' => 0x00D2C3, 'bright sky blue' => 0x4BB4E1, 'clear blue' => 0x3CA5FF,
        'kingfisher' => 0x0096B4, 'lagoon blue' => 0x0F7896, 'grey blue' => 0x787896, 'bluebell' => 0x4B5AF0, 'periwinkle' => 0xB4C3FF,
        'bright violet' => 0x8769FF, 'vivid violet' => 0x5A2DD2, 'electric violet' => 0x873CFF, 'deep violet' => 0x3C0F78, 'violet black' => 0x0F003C,
        'soft violet' => 0x8769B4, 'grey violet' => 0x695A78, 'bright lilac' => 0xC387FF, 'pale orchid' => 0xF0A5FF, 'vivid purple' => 0xC32DE1,
        'bright purple' => 0x9600B4, 'dark purple' => 0x4B004B,
        'fuchsia' => 0xB42D96, 'deep fuchsia' => 0x870069, 'vivid pink' => 0xF000B4, 'bright pink' => 0xFF5AA5, 'candy pink' => 0xFF69E1,
        'sugar pink' => 0xFFB4E1, 'pale pink' => 0xFFD2E1, 'dusty plum' => 0xA55A87, 'grey mauve' => 0x876978, 'watermelon' => 0xFF4B69,
        'bright orange' => 0xFF4B0F, 'bright yellow' => 0xFFFF2D, 'toffee' => 0x693C00, 'dark umber' => 0x3C2D00, 'dusty maroon' => 0x784B4B,
        'red black' => 0x1E0000,
    ];
}
