<?php

declare(strict_types=1);

namespace App\House;

use App\Entity\Home;
use App\Entity\Room;
use App\Entity\Spot;
use App\Entity\Tote;
use App\Intake\QuestionAnswer;
use App\Repository\HouseRepository;
use App\Totes\ToteAnswer;
use App\Totes\ToteCodes;
use BrightCupboard\Core\Intake\HouseLine;
use BrightCupboard\Core\Intake\Question;
use BrightCupboard\Core\Intake\SpotReading;
use BrightCupboard\Core\Intake\ToteReading;

/** Lines of a walk through the house as the rooms, spots and totes they mean; nothing is stored here. */
final readonly class HouseLines
{
    public function __construct(private HouseRepository $house, private ToteCodes $codes) {}

    /** @return array{Room|null, Spot|null, Tote|null, list<Question>, list<string>} what it is about, what is to be asked, what was made of it */
    public function read(Home $home, HouseLineInput $input): array
    {
        $reading = (new HouseLine($home->unit()))->read($input->line, $input->room);

        return $reading instanceof ToteReading ? $this->tote($home, $reading) : $this->spot($home, $reading);
    }

    /**
     * @param list<Question> $questions
     * @param list<string>   $remarks
     */
    public function answer(?Room $room, ?Spot $spot, ?Tote $tote, array $questions, array $remarks): HouseLineAnswer
    {
        $isKnown = null === $room || [] !== array_filter($this->house->rooms($room->home()), static fn(Room $one): bool => $one === $room);

        return new HouseLineAnswer(
            $room?->name() ?? '',
            !$isKnown,
            null === $spot ? null : SpotAnswer::of($spot),
            null === $tote ? null : ToteAnswer::of($tote),
            array_map(QuestionAnswer::of(...), $questions),
            $remarks,
        );
    }

    /** @return array{Room|null, Spot|null, null, list<Question>, list<string>} */
    private function spot(Home $home, SpotReading $reading): array
    {
        $rooms = $this->house->rooms($home);
        $same = array_values(array_filter($rooms, static fn(Room $room): bool => 0 === strcasecmp($room->name(), $reading->room)));
        $room = '' === $reading->room ? null : $same[0] ?? new Room($home, $reading->room, \count($rooms));
        if (null === $room || null === $reading->spot) {
            return [$room, null, null, $reading->questions, $reading->remarks];
        }
        $spot = new Spot($room, $reading->focalRank);
        $spot->describe($room, $reading->spot, $reading->focalRank);
        $spot->noteThat($reading->note);
        $twins = array_filter(
            $this->house->spots($home),
            static fn(Spot $one): bool => $one->room() === $room && 0 === strcasecmp($one->name(), $spot->name()),
        );
        $questions = [] === $twins
            ? $reading->questions
            : [
                ...$reading->questions,
                new Question('name', sprintf('%s has a spot called %s already. Call this one something else.', $room->name(), $spot->name())),
            ];

        return [$room, $spot, null, $questions, $reading->remarks];
    }

    /** @return array{null, null, Tote, list<Question>, list<string>} */
    private function tote(Home $home, ToteReading $reading): array
    {
        $taken = $this->codes->taken($home, $reading->code);
        $questions = null === $taken ? $reading->questions : [...$reading->questions, new Question('code', ToteCodes::sentence($taken))];

        return [
            null,
            null,
            new Tote($home, $reading->code, $reading->place, $reading->inside, $reading->conditions, $reading->mostWeight, $reading->isMeasured),
            $questions,
            [],
        ];
    }
}
