<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;
use BrightCupboard\Core\Surface\SpotKind;

/** What a piece does in a dressed spot. */
enum SpotRole: string
{
    case Backdrop = 'backdrop';
    case Greenery = 'greenery';
    case Tall = 'tall one';
    case Middle = 'mid-high one';
    case Low = 'low one';
    case Light = 'light';
    case Ground = 'ground';
    case Garland = 'garland';
    case Hung = 'piece to hang';
    /** What a door or window has by custom. */
    case Wreath = 'wreath';
    case Cushion = 'cushion';
    case Throw = 'throw';
    case Trim = 'trimming';
    case Tree = 'tree';

    private const LIT = [
        PieceKind::Candlestick, PieceKind::CandleGroup, PieceKind::Lantern, PieceKind::Pillar, PieceKind::StormGlass, PieceKind::Lights, PieceKind::Lamp,
    ];
    private const GREEN = [PieceKind::Bunch, PieceKind::PotPlant, PieceKind::Arrangement, PieceKind::Tree];
    private const LAID = [PieceKind::Tray, PieceKind::Runner, PieceKind::Throw, PieceKind::Books, PieceKind::TreeSkirt];
    private const WREATHED = [SpotKind::Door, SpotKind::Window];
    private const TALL_FROM = 0.55;
    private const LOW_UNTIL = 0.3;
    /** What "tall" is measured against where nothing hangs above: 24 in. */
    private const USUAL_CLEAR = 6096;

    public static function of(PlacedPiece $placed, Spot $spot): self
    {
        $piece = $placed->piece;
        $posture = $placed->posture;

        return match (true) {
            Posture::Stands === $posture && Form::Cone === $spot->form() => self::Tree,
            Posture::Hangs === $posture && PieceKind::Wreath === $piece->kind && \in_array($spot->kind, self::WREATHED, true) => self::Wreath,
            Posture::Hangs === $posture && \in_array($spot->form(), [Form::Panel, Form::Run], true) => self::Hung,
            $spot->isOnWall($piece->kind, $posture) => self::Backdrop, // over what stands on a ledge
            PieceKind::Throw === $piece->kind => self::Throw,
            Posture::Sits === $posture => self::Cushion,
            self::isLit($piece) => self::Light,
            Posture::Trims === $posture, Posture::Hangs === $posture => self::Trim,
            Posture::Drapes === $posture => self::Garland,
            Posture::Lies === $posture && self::isGround($piece) => self::Ground,
            Posture::Leans === $posture => self::Backdrop,
            Posture::Fills === $posture, \in_array($piece->kind, self::GREEN, true), $piece->isOf(Texture::Greenery) => self::Greenery,
            default => self::byHeight($placed->height / max(1, $spot->clearOver($placed->tier) ?? self::USUAL_CLEAR)),
        };
    }

    /** What others stand on. */
    private static function isGround(Piece $piece): bool
    {
        return \in_array($piece->kind, self::LAID, true) || (PieceKind::Plate === $piece->kind && $piece->isPlatter());
    }

    private static function isLit(Piece $piece): bool
    {
        return \in_array($piece->kind, self::LIT, true)
            || ([] !== $piece->hazards && (\in_array(Hazard::OpenFlame, $piece->hazards, true) || \in_array(Hazard::ButtonCells, $piece->hazards, true)));
    }

    private static function byHeight(float $share): self
    {
        return match (true) {
            $share >= self::TALL_FROM => self::Tall,
            $share <= self::LOW_UNTIL => self::Low,
            default => self::Middle,
        };
    }
}
