<?php

declare(strict_types=1);

namespace App\Entity;

use BrightCupboard\Core\Colour\Srgb;
use BrightCupboard\Core\Look\BalanceSchool;
use BrightCupboard\Core\Look\ColourSchool;
use BrightCupboard\Core\Look\Look as CoreLook;
use BrightCupboard\Core\Look\Resting;
use BrightCupboard\Core\Look\Ribbon;
use BrightCupboard\Core\Look\RibbonRole;
use BrightCupboard\Core\Stock\Finish;
use BrightCupboard\Core\Stock\Texture;
use Doctrine\ORM\Mapping as ORM;

/** Palette, textures, what rests, mood and balance, kept for a swap and to be copied for the next. */
#[ORM\Entity]
class Look implements Removable
{
    use Identified;
    use SoftlyRemoved;
    use Versioned;

    #[ORM\Column(length: 80)]
    private string $name = '';
    /** @var list<array{name: string, hex: string, role: string, percent: int}> */
    #[ORM\Column]
    private array $ribbons = [];
    /** @var list<string> */
    #[ORM\Column]
    private array $textures = [];
    /** @var list<string> */
    #[ORM\Column]
    private array $restingColours = [];
    /** @var list<string> */
    #[ORM\Column]
    private array $restingFinishes = [];
    /** @var list<string> */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $restingTextures = [];
    /** @var list<string> ids */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $restingPieces = [];
    #[ORM\Column]
    private int $mood = 50;
    #[ORM\Column(length: 12)]
    private BalanceSchool $balance = BalanceSchool::Centred;
    #[ORM\Column(length: 16, options: ['default' => 'as the ribbons'])]
    private ColourSchool $colour = ColourSchool::AsRibbons;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false)]
        private Home $home,
        CoreLook $look,
    ) {
        $this->identify();
        $this->become($look);
    }

    public function become(CoreLook $look): void
    {
        $this->name = $look->name;
        $this->ribbons = array_map(
            static fn(Ribbon $r): array => ['name' => $r->name, 'hex' => $r->colour->hex(), 'role' => $r->role->value, 'percent' => $r->percent],
            $look->ribbons,
        );
        $this->textures = array_map(static fn(Texture $texture): string => $texture->value, $look->textures);
        $this->restingColours = array_map(static fn(Srgb $colour): string => $colour->hex(), $look->resting->colours);
        $this->restingFinishes = array_map(static fn(Finish $finish): string => $finish->value, $look->resting->finishes);
        $this->restingTextures = array_map(static fn(Texture $texture): string => $texture->value, $look->resting->textures);
        $this->restingPieces = $look->resting->pieces;
        [$this->mood, $this->balance, $this->colour] = [$look->mood, $look->balance, $look->colour];
    }

    public function look(): CoreLook
    {
        return new CoreLook(
            $this->name,
            array_map(
                static fn(array $r): Ribbon => new Ribbon($r['name'], Srgb::ofHex($r['hex']), RibbonRole::from($r['role']), $r['percent']),
                $this->ribbons,
            ),
            array_map(Texture::from(...), $this->textures),
            new Resting(
                array_map(Srgb::ofHex(...), $this->restingColours),
                array_map(Finish::from(...), $this->restingFinishes),
                array_map(Texture::from(...), $this->restingTextures),
                $this->restingPieces,
            ),
            $this->mood,
            $this->balance,
            $this->colour,
        );
    }

    public function home(): Home
    {
        return $this->home;
    }
}
