<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Intake\Internal;

/**
 * Words as they are written in a hurry, and those that only look mistyped.
 *
 * @internal
 */
final readonly class HurriedWords
{
    /** Common words that are a letter off a thing. */
    public const COMMON = [
        'from', 'with', 'then', 'than', 'that', 'this', 'them', 'some', 'left', 'back', 'best', 'both', 'most', 'more', 'much', 'many',
        'such', 'very', 'also', 'just', 'like', 'misc', 'stuff', 'total', 'other', 'their', 'there', 'where', 'which', 'while', 'under',
        'shed', 'store', 'room', 'home', 'used', 'worn', 'year', 'last', 'next', 'half', 'full', 'good', 'fine', 'nice', 'string', 'lights',
        'place', 'plush', 'front', 'leather', 'stand', 'large', 'small', 'light', 'strap',
    ];
    /** How words are shortened in a hurry. */
    public const SHORT = [
        'lts' => 'lights', 'wht' => 'white', 'wh' => 'white', 'blk' => 'black', 'grn' => 'green', 'brn' => 'brown', 'gld' => 'gold', 'slv' => 'silver',
        'slvr' => 'silver', 'yel' => 'yellow', 'org' => 'orange', 'pnk' => 'pink', 'purp' => 'purple', 'lrg' => 'large', 'lge' => 'large',
        'sml' => 'small', 'crm' => 'cream', 'nat' => 'natural', 'cer' => 'ceramic', 'galv' => 'galvanised', 'plas' => 'plastic',
        'wd' => 'wood', 'gls' => 'glass', 'mtl' => 'metal', 'xmas' => 'christmas', 'hween' => 'halloween', 'wrth' => 'wreath',
        'grld' => 'garland', 'cndl' => 'candle', 'plw' => 'pillow', 'orn' => 'ornament', 'rnd' => 'round', 'sq' => 'square',
        'asst' => 'assorted', 'vtg' => 'vintage', 'hndmade' => 'handmade',
    ];
}
