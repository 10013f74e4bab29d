<?php

declare(strict_types=1);

namespace App\Look;

use App\Entity\Home;
use App\Entity\Look;
use App\Entity\Piece;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

#[AsController]
final readonly class ChangeLook
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/looks/{look}', methods: ['PUT'])]
    public function __invoke(Look $look, #[Body] LookInput $input): LookAnswer
    {
        SameVersion::check($input->version, $look->version(), 'This look', LookAnswer::of($look));
        $this->requireKnown($look->home(), $input->restingPieces);
        $look->become(LookReader::read($input));
        $this->journal->say(sprintf('The look %s is changed', $look->look()->name));
        $this->entities->flush();

        return LookAnswer::of($look);
    }

    /** @param list<string> $pieces ids */
    private function requireKnown(Home $home, array $pieces): void
    {
        $known = [] === $pieces ? 0 : $this->entities->getRepository(Piece::class)->count(['home' => $home, 'id' => $pieces]);
        if ($known < \count(array_unique($pieces))) {
            throw InvalidInput::at('restingPieces', 'One of the pieces that are to rest was never in this cupboard.');
        }
    }
}
