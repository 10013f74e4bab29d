<?php

declare(strict_types=1);

namespace App\Cupboard;

use App\Entity\Home;
use App\Entity\HomeWord;
use App\Http\Body;
use App\Http\InvalidInput;
use App\Journal\Journal;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Keeps what a word means in this home: “boho” means wicker, dried, cream. */
#[AsController]
final readonly class KeepWord
{
    public function __construct(private EntityManagerInterface $entities, private Journal $journal) {}

    #[Route('/api/homes/{home}/words', methods: ['PUT'])]
    public function __invoke(Home $home, #[Body] WordInput $input): WordAnswer
    {
        $word = mb_strtolower(trim($input->word));
        $means = trim($input->means);
        if (1 !== preg_match('/^[\pL\d\'’-]+$/u', $word)) {
            throw InvalidInput::at('word', 'One word at a time, of letters.');
        }
        $kept = $this->entities->getRepository(HomeWord::class)->findOneBy(['home' => $home, 'word' => $word]);
        if ('' === $means) {
            null === $kept ? null : $this->entities->remove($kept);
            $this->journal->say(sprintf('“%s” is no word of this home any more', $word));
        } else {
            $kept?->mean($means);
            null === $kept ? $this->entities->persist(new HomeWord($home, $word, $means)) : null;
            $this->journal->say(sprintf('“%s” means %s here', $word, $means));
        }
        $this->entities->flush();

        return new WordAnswer($word, $means);
    }
}
