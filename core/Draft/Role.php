<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Draft;

use BrightCupboard\Core\Coach\PlacedPiece;
use BrightCupboard\Core\Stock\Hazard;
use BrightCupboard\Core\Stock\PieceKind;
use BrightCupboard\Core\Stock\Posture;
use BrightCupboard\Core\Stock\Texture;
use BrightCupboard\Core\Surface\Form;
use BrightCupboard\Core\Surface\Spot;

/** What a piece does in a dressed spot. */
enum Role: string
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
    case Cushion = 'cushion';
    case Throw = 'throw';
    case Trim = 'trimming';
    case Tree = 'tree';

    private const TALL_FROM = 0.55;
    private const LOW_UNTIL = 0.3;
    /** What "tall" is measured against where nothing hangs above: 24 in. */
    private const USUAL_CLEAR = 6096;

    public static function of(PlacedPiece $placed, Spot $spot): self
    {
        $piece = $placed->piece;
        $isLit = $piece->hasFlame() || \in_array(
            $piece->kind,
            [PieceKind::Candlestick, PieceKind::CandleGroup, PieceKind::Lantern, PieceKind::Pillar, PieceKind::StormGlass, PieceKind::Lights],
            true,
        ) || \in_array(Hazard::ButtonCells, $piece->hazards, true);
        $share = $placed->height / max(1, $spot->clearOver($placed->tier) ?? self::USUAL_CLEAR);

        return match (true) {
            Form::Cone === $spot->form() && Posture::Stands === $placed->posture => self::Tree,
            Posture::Hangs === $placed->posture && \in_array($spot->form(), [Form::Panel, Form::Run], true) => self::Hung,
            PieceKind::Throw === $piece->kind => self::Throw,
            Posture::Sits === $placed->posture => self::Cushion,
            $isLit => self::Light,
            Posture::Trims === $placed->posture, Posture::Hangs === $placed->posture => self::Trim,
            Posture::Drapes === $placed->posture => self::Garland,
            Posture::Lies === $placed->posture && PieceKind::Bunch !== $piece->kind => self::Ground,
            Posture::Leans === $placed->posture => self::Backdrop,
            Posture::Fills === $placed->posture, $piece->isOf(Texture::Greenery), \in_array(
                $piece->kind,
                [PieceKind::Bunch, PieceKind::PotPlant, PieceKind::Arrangement, PieceKind::Tree],
                true,
            ) => self::Greenery,
            $share >= self::TALL_FROM => self::Tall,
            $share <= self::LOW_UNTIL => self::Low,
            default => self::Middle,
        };
    }
}
