<?php

declare(strict_types=1);

namespace App\Totes;

use App\Entity\Home;
use App\Entity\Tote;
use App\Http\Body;
use App\Http\Fields;
use App\Http\InvalidInput;
use App\Http\SameVersion;
use App\Journal\Journal;
use BrightCupboard\Core\Measure\Length;
use BrightCupboard\Core\Measure\Size;
use BrightCupboard\Core\Measure\Weight;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Makes a tote or changes one. */
#[AsController]
final readonly class KeepTote
{
    public function __construct(private EntityManagerInterface $entities, private ToteCodes $codes, private Journal $journal) {}

    #[Route('/api/homes/{home}/totes', name: 'addTote', methods: ['POST'], defaults: ['_status' => 201])]
    #[Route('/api/homes/{home}/totes/{tote}', name: 'changeTote', methods: ['PUT'])]
    public function __invoke(Home $home, ?Tote $tote, #[Body] ToteInput $input): ToteAnswer
    {
        [$inside, $mostWeight] = $this->measures($home, $input);
        $code = trim($input->code);
        $taken = $this->codes->taken($home, $code, $tote);
        if (null !== $taken) {
            throw InvalidInput::at('code', ToteCodes::sentence($taken));
        }
        $isNew = null === $tote;
        if ($isNew) {
            $tote = new Tote($home, $code, trim($input->place), $inside, $input->conditions, $mostWeight);
            $this->entities->persist($tote);
        } else {
            SameVersion::check($input->version, $tote->version(), 'This tote', ToteAnswer::of($tote));
            $tote->describe($code, trim($input->place), $inside, $input->conditions, $mostWeight);
        }
        $this->journal->say(sprintf($isNew ? 'Tote %s, %s, is put up' : 'Tote %s, %s, is changed', $tote->code(), $tote->place()));
        $this->entities->flush();

        return ToteAnswer::of($tote);
    }

    /** @return array{Size, Weight|null} */
    private function measures(Home $home, ToteInput $input): array
    {
        $fields = new Fields();
        $sides = [];
        foreach (['width' => $input->width, 'depth' => $input->depth, 'height' => $input->height] as $field => $text) {
            $sides[] = $side = $fields->read($field, static fn(): Length => $home->lengths()->read($text), Length::ofTenths(1));
            if (0 === $side->tenths()) {
                $fields->refuse($field, 'The inside of a tote needs all three measures above 0, so that its room can be worked out.');
            }
        }
        $mostWeight = '' === trim($input->mostWeight)
            ? null
            : $fields->read('mostWeight', static fn(): Weight => $home->weights()->read($input->mostWeight), null);
        $fields->complete();

        return [new Size($sides[0], $sides[1], $sides[2]), $mostWeight];
    }
}
