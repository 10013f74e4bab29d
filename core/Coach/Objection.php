<?php

declare(strict_types=1);

namespace BrightCupboard\Core\Coach;

/** Why a piece is not offered for a spot, in a few words that can be counted: "3 wider than the shelf". */
enum Objection: string
{
    case SmallParts = 'small parts within a child’s reach';
    case BreaksInReach = 'breaks, within a child’s reach';
    case FlameInReach = 'a flame within a child’s reach';
    case ToxicToPets = 'toxic to pets';
    case FlameByHeat = 'a flame by the heat';
    case HangsIntoHeat = 'hangs down into the heat';
    case DriesByHeat = 'a fresh tree dries out by the heat';
    case SpoilsInWeather = 'spoils in the weather';
    case SpoilsInSteam = 'spoils in steam';
    case Hardware = 'hardware, not shown';
    case Posture = 'not for such a spot';
    case NeedsHost = 'nothing here to put it in or on';
    case NeedsHolder = 'stands only in a holder';
    case OfASetting = 'laid at the places, not in the middle';
    case TooWide = 'too wide';
    case TooShort = 'too short to run along it';
    case TooDeep = 'too deep';
    case TooTall = 'too tall';
    case NoRoom = 'no free place for it';
    case WouldEndanger = 'would break a rule of safety';
}
