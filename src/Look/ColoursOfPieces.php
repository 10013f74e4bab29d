<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Home;
use App\Entity\Role;
use App\Http\Allowed;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Repository\Catalogue;
use BrightCupboard\Core\Colour\ColourNames;
use BrightCupboard\Core\Colour\PhotoReading;
use BrightCupboard\Core\Stock\Piece;
use BrightCupboard\Core\Stock\PieceColours;
use BrightCupboard\Core\Stock\Texture;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The colours some pieces have together, by how much of each is seen. */
#[AsController]
#[Allowed(Role::Guest)]
final readonly class ColoursOfPieces
{
    public function __construct(private Catalogue $catalogue, private ColourNames $names) {}

    #[Route('/api/homes/{home}/colours/pieces', methods: ['POST'])]
    public function __invoke(Home $home, #[Body] PiecesInput $input): FoundColoursAnswer
    {
        $wanted = array_flip($input->pieces);
        $pieces = [];
        foreach ($this->catalogue->of($home) as $id => $entry) {
            if (isset($wanted[$id])) {
                $pieces[] = $entry->piece;
            }
        }
        if ([] === $pieces || \count($pieces) < \count($wanted)) {
            throw InvalidInput::at('pieces', 'One of these pieces is not in the cupboard any more. Take the others.');
        }

        return FoundColoursAnswer::of(new PhotoReading((new PieceColours())->together($pieces), null), $this->names, $this->textures($pieces));
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<TextureCountAnswer>
     */
    private function textures(array $pieces): array
    {
        $counts = [];
        foreach ($pieces as $piece) {
            foreach ($piece->textures() as $texture) {
                $counts[$texture->value] = ($counts[$texture->value] ?? 0) + 1;
            }
        }
        arsort($counts);

        return array_map(
            static fn(string $texture, int $count): TextureCountAnswer => new TextureCountAnswer(Texture::from($texture), $count),
            array_keys($counts),
            array_values($counts),
        );
    }
}
