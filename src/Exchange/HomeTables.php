<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Entity\HaulWay;
use App\Entity\PhotoMoment;
use BrightCupboard\Core\Calendar\CareJob;
use BrightCupboard\Core\Calendar\Hemisphere;
use BrightCupboard\Core\Day\Phase;
use BrightCupboard\Core\Floor\FurnitureKind;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\ColourSchool;
use BrightCupboard\Core\Money\LineState;
use BrightCupboard\Core\Money\OfferKind;
use BrightCupboard\Core\Money\Tender;
use BrightCupboard\Core\Plan\Choice;
use BrightCupboard\Core\Sizing\Sums;
use BrightCupboard\Core\Stock\Damage;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Season;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Layer;
use BrightCupboard\Core\Surface\SeenFrom;
use BrightCupboard\Core\Surface\SpotKind;
use BrightCupboard\Core\Surface\TableShape;

/**
 * What a home document holds: its lists in the order they are read, and what each column is.
 *
 * Types: id (of the thing itself), ref (another thing of the document), text:n (at most n characters), int, list
 * (JSON), place ("tote:…", "spot:…" or a word), day, time, or a class of words. A question mark: may be missing.
 */
final readonly class HomeTables
{
    private const OF_HOME = 'home_id = :home';
    private const OF_ROOM = 'room_id IN (SELECT id FROM room WHERE home_id = :home)';
    private const OF_PIECE = 'piece_id IN (SELECT id FROM piece WHERE home_id = :home)';
    private const OF_SWAP = 'swap_id IN (SELECT id FROM swap WHERE home_id = :home)';

    /** list => [table, which rows, their order, columns] */
    public const LISTS = [
        'rooms' => ['room', self::OF_HOME, 'id', ['id' => 'id', 'name' => 'text:80', 'round' => 'int', 'removed_at' => 'time?', 'version' => 'int']],
        'spots' => [
            'spot', self::OF_ROOM, 'id',
            [
                'id' => 'id', 'room_id' => 'ref', 'name' => 'text:80', 'kind' => SpotKind::class, 'width' => 'int', 'depth' => 'int',
                'ledge_height' => 'int', 'clear_height' => 'int?', 'seen_from' => SeenFrom::class, 'keep_clear' => 'list', 'wall' => 'text:7',
                'hazards' => 'list', 'focal_rank' => 'int', 'assumed' => 'list?', 'tiers' => 'list?', 'table_shape' => TableShape::class . '?',
                'seats' => 'int?', 'rise' => 'int?', 'posts' => 'int?', 'below_width' => 'int?', 'below_top' => 'int?',
                'note' => 'text:300?', 'cover' => 'text:7?',
                'school' => BalanceSchool::class . '?', 'mood' => 'int?', 'overruled' => 'list?', 'ribbons' => 'list?', 'removed_at' => 'time?',
                'version' => 'int',
            ],
        ],
        'totes' => [
            'tote', self::OF_HOME, 'id',
            [
                'id' => 'id', 'code' => 'text:20', 'place' => 'text:80', 'width' => 'int', 'depth' => 'int', 'height' => 'int',
                'conditions' => 'list', 'most_grams' => 'int?', 'is_measured' => 'int?', 'removed_at' => 'time?', 'version' => 'int',
            ],
        ],
        'pieces' => [
            'piece', self::OF_HOME, 'id',
            [
                'id' => 'id', 'name' => 'text:120', 'kind' => PieceKind::class, 'count' => 'int', 'width' => 'int', 'depth' => 'int',
                'height' => 'int', 'weight' => 'int', 'colours' => 'list', 'materials' => 'list', 'finish' => Finish::class, 'seasons' => 'list',
                'hazards' => 'list', 'shape' => 'text:20', 'pattern' => 'text:20', 'origin' => 'text:20', 'cost_each' => 'int',
                'replacement_each' => 'int', 'came_on' => 'day?', 'care' => 'text:500', 'faces' => 'list', 'parts' => 'list', 'set_name' => 'text:80',
                'set_of' => 'int', 'laid_out' => 'int?', 'photo_at' => 'time?', 'assumed' => 'list?', 'own_tote' => 'ref?', 'got_for' => 'ref?',
                'removed_at' => 'time?', 'version' => 'int',
            ],
        ],
        'standings' => ['standing', self::OF_PIECE, 'piece_id, place', ['piece_id' => 'ref', 'place' => 'place', 'count' => 'int']],
        'movements' => [
            'movement', self::OF_PIECE, 'id',
            [
                'id' => 'id', 'piece_id' => 'ref', 'count' => 'int', 'from_place' => 'place', 'to_place' => 'place', 'at' => 'time',
                'by' => 'text:80', 'cause' => 'text:120',
            ],
        ],
        'loans' => [
            'loan', self::OF_PIECE, 'id',
            ['id' => 'id', 'piece_id' => 'ref', 'count' => 'int', 'lent_to' => 'text:80', 'until' => 'day?', 'since' => 'day'],
        ],
        'photos' => ['photo', self::OF_PIECE, 'piece_id', ['piece_id' => 'ref', 'jpeg' => 'text:2000000']],
        'looks' => [
            'look', self::OF_HOME, 'id',
            [
                'id' => 'id', 'name' => 'text:80', 'ribbons' => 'list', 'textures' => 'list', 'resting_colours' => 'list',
                'resting_finishes' => 'list', 'resting_textures' => 'list', 'resting_pieces' => 'list', 'mood' => 'int',
                'balance' => BalanceSchool::class, 'colour' => ColourSchool::class, 'removed_at' => 'time?', 'version' => 'int',
            ],
        ],
        'swaps' => [
            'swap', self::OF_HOME, 'id',
            [
                'id' => 'id', 'look_id' => 'ref', 'from_id' => 'ref?', 'name' => 'text:80', 'season' => Season::class, 'swap_day' => 'day',
                'dress_by' => 'day?', 'strike_on' => 'day?', 'is_following' => 'int?', 'budget' => 'int', 'has_budget' => 'int?',
                'gift_card' => 'int', 'people' => 'int', 'crew' => 'list?', 'start_minute' => 'int?', 'latest_end' => 'int?', 'pauses' => 'list?',
                'lay_width' => 'int?', 'lay_depth' => 'int?', 'closed_at' => 'time?', 'own_pieces' => 'list?', 'sheet_built_at' => 'time?',
                'sheet_plan' => 'text:40?', 'version' => 'int',
            ],
        ],
        'days' => [
            'work_day', self::OF_SWAP, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref', 'name' => 'text:80', 'on_day' => 'day', 'spots' => 'list', 'is_look' => 'int?',
                'moves_furniture' => 'int?', 'people' => 'int', 'crew' => 'list', 'start_minute' => 'int', 'latest_end' => 'int?', 'pauses' => 'list',
                'lay_width' => 'int', 'lay_depth' => 'int', 'own_pieces' => 'list?', 'sheet_built_at' => 'time?', 'sheet_plan' => 'text:40?',
                'version' => 'int',
            ],
        ],
        'decisions' => [
            'decision', self::OF_SWAP, 'swap_id, piece_id',
            ['swap_id' => 'ref', 'piece_id' => 'ref', 'choice' => Choice::class . '?', 'by' => 'text:80', 'version' => 'int'],
        ],
        'placements' => [
            'placement', self::OF_SWAP, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref', 'piece_id' => 'ref', 'spot_id' => 'ref', 'left_edge' => 'int', 'layer' => Layer::class,
                'raise' => 'int', 'count' => 'int', 'tier' => 'int?', 'posture' => Posture::class . '?', 'dips' => 'int?', 'face' => 'text:80?',
                'version' => 'int',
            ],
        ],
        'versions' => [
            'spot_version', self::OF_SWAP, 'id',
            ['id' => 'id', 'swap_id' => 'ref', 'spot_id' => 'ref', 'label' => 'text:1', 'places' => 'list', 'version' => 'int'],
        ],
        'needs' => [
            'need', self::OF_SWAP, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref', 'spot_id' => 'ref', 'text' => 'text:120', 'kind' => PieceKind::class . '?',
                'least_height' => 'int?', 'most_height' => 'int?', 'most_width' => 'int?', 'colour' => 'text:7?', 'texture' => Texture::class . '?',
                'count' => 'int', 'filled_by' => 'ref?', 'removed_at' => 'time?',
            ],
        ],
        'lines' => [
            'haul_line', self::OF_SWAP, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref', 'need_id' => 'ref?', 'name' => 'text:120', 'way' => HaulWay::class, 'pack_price' => 'int',
                'offer_kind' => OfferKind::class, 'offer_value' => 'int', 'offer_pay_for' => 'int', 'pack_size' => 'int', 'needed' => 'int',
                'tender' => Tender::class, 'state' => LineState::class, 'kind' => PieceKind::class, 'width' => 'int', 'height' => 'int',
                'colour' => 'text:7', 'became_piece' => 'ref?', 'restyles' => 'ref?', 'restyled_colours' => 'list', 'run' => 'int?',
                'tote_depth' => 'int?', 'version' => 'int',
            ],
        ],
        'sums' => [
            'kept_sum', self::OF_HOME, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref?', 'spot_id' => 'ref?', 'sum' => Sums::class, 'name' => 'text:80', 'given' => 'list',
                'said' => 'list', 'reckoned' => 'int?', 'is_length' => 'int', 'used' => 'int?', 'kept_at' => 'time', 'removed_at' => 'time?',
                'version' => 'int',
            ],
        ],
        'notes' => [
            'note', self::OF_SWAP, 'id',
            ['id' => 'id', 'swap_id' => 'ref', 'spot_id' => 'ref?', 'text' => 'text:2000', 'at' => 'time', 'by' => 'text:80', 'removed_at' => 'time?'],
        ],
        'wears' => ['wear', self::OF_SWAP, 'swap_id, piece_id, spot_id', ['swap_id' => 'ref', 'piece_id' => 'ref', 'spot_id' => 'ref', 'units' => 'int']],
        'tasks' => [
            'sheet_task', self::OF_SWAP, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref', 'day_id' => 'ref?', 'task_key' => 'text:80', 'phase' => Phase::class, 'title' => 'text:120',
                'task_group' => 'text:80', 'moves' => 'list', 'minutes' => 'int', 'hands' => 'int', 'climbs' => 'int?', 'lifts' => 'int?',
                'laid' => 'int?', 'by_rule' => 'int?', 'steps' => 'list?', 'cautions' => 'list', 'after_keys' => 'list', 'opens_tote' => 'ref?',
                'spot_id' => 'ref?', 'done_at' => 'time?', 'done_by' => 'text:80?', 'took' => 'int?', 'ordinal' => 'int', 'version' => 'int',
            ],
        ],
        'calendars' => ['home_calendar', self::OF_HOME, 'id', ['id' => 'id', 'feasts' => 'text:6000', 'hemisphere' => Hemisphere::class, 'version' => 'int']],
        'cares' => ['care_done', self::OF_PIECE, 'id', ['id' => 'id', 'piece_id' => 'ref', 'job' => CareJob::class, 'on_day' => 'day', 'by' => 'text:80']],
        'damages' => [
            'found_damage', self::OF_PIECE, 'id',
            [
                'id' => 'id', 'piece_id' => 'ref', 'swap_id' => 'ref', 'line_id' => 'ref?', 'damage' => Damage::class, 'count' => 'int',
                'on_day' => 'day', 'found_by' => 'text:80',
            ],
        ],
        'spotPhotos' => [
            'spot_photo', self::OF_SWAP, 'id',
            [
                'id' => 'id', 'swap_id' => 'ref', 'spot_id' => 'ref', 'moment' => PhotoMoment::class, 'jpeg' => 'text:2000000', 'at' => 'time',
                'taken_by' => 'text:80',
            ],
        ],
        'floors' => [
            'floor', self::OF_ROOM, 'id',
            ['id' => 'id', 'room_id' => 'ref', 'width' => 'int', 'depth' => 'int', 'openings' => 'list', 'version' => 'int'],
        ],
        'furniture' => [
            'furniture', self::OF_ROOM, 'id',
            [
                'id' => 'id', 'room_id' => 'ref', 'name' => 'text:80', 'kind' => FurnitureKind::class, 'width' => 'int', 'depth' => 'int',
                'left_edge' => 'int', 'far_edge' => 'int', 'turns' => 'int', 'version' => 'int',
            ],
        ],
        'furniturePlans' => [
            'furniture_plan', self::OF_SWAP, 'id',
            ['id' => 'id', 'swap_id' => 'ref', 'furniture_id' => 'ref', 'left_edge' => 'int', 'far_edge' => 'int', 'turns' => 'int', 'was' => 'list?'],
        ],
        'words' => ['home_word', self::OF_HOME, 'id', ['id' => 'id', 'word' => 'text:40', 'means' => 'text:200']],
        'recipes' => ['home_recipe', self::OF_HOME, 'id', ['id' => 'id', 'kind' => SpotKind::class, 'wanted' => 'list']],
    ];

    /** A column's name in the document: "ledge_height" is written ledgeHeight, "room_id" room. */
    public static function key(string $column): string
    {
        return lcfirst(str_replace('_', '', ucwords(str_ends_with($column, '_id') ? substr($column, 0, -3) : $column, '_')));
    }

    /** Lists that came after the first documents were written, and may be missing in them. */
    public const LATER = [
        'versions', 'sums', 'words', 'recipes', 'days', 'calendars', 'cares', 'damages', 'spotPhotos', 'floors', 'furniture', 'furniturePlans',
    ];

    /** Whether the rows of a list say themselves which home they are of. */
    public static function isOfHome(string $list): bool
    {
        return self::OF_HOME === (self::LISTS[$list] ?? throw new \LogicException('There is no such list.'))[1];
    }
}
