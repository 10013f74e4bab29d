<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;

/** A new home filled by lines: shown before it is kept, refused with a question, taken back; and the front door as a stranger meets it. */
final class HouseWalkTest extends AppTestCase
{
    public function testALineIsShownBeforeItIsKept(): void
    {
        $home = $this->newHome();

        $read = $this->call('POST', $home . '/house/reading', ['line' => 'larder: jam shelf 90 x 22, 140 high', 'room' => '']);
        self::assertSame([200, 'Larder', true, 'Jam shelf'], [$this->code(), $read['room'], $read['isNewRoom'], $read['spot']['name']]);
        self::assertSame([], $this->call('GET', $home . '/house')['rooms'], 'a reading stores nothing');

        $kept = $this->call('POST', $home . '/house/lines', ['line' => 'larder: jam shelf 90 x 22, 140 high', 'room' => '']);
        self::assertSame(201, $this->code(), $this->text());
        self::assertContains('clearHeight', $kept['spot']['assumed'], 'what was not measured is marked');
        $again = $this->call('POST', $home . '/house/lines', ['line' => 'sill 60 x 12', 'room' => 'Larder']);
        self::assertSame(201, $this->code(), $this->text());
        self::assertFalse($again['isNewRoom']);
        $this->call('POST', $home . '/house/lines', ['line' => 'L1 loft', 'room' => 'Larder']);
        $house = $this->call('GET', $home . '/house');
        self::assertSame([['Larder'], ['L1'], 2], [array_column($house['rooms'], 'name'), array_column($house['totes'], 'code'), \count($house['spots'])]);
    }

    public function testWhatIsSaidBesideItsMeasuresStaysWithTheSpotAndComesToTheDay(): void
    {
        $home = $this->newHome();
        $kept = $this->call('POST', $home . '/house/lines', ['line' => 'den: sofa 2,10 m x 95, 84 high, the throw stays, cat', 'room' => '']);
        self::assertSame(201, $this->code(), $this->text());
        self::assertSame(
            ['throw stays; back 84 cm high; 95 cm deep in all', ['pets'], 550],
            [$kept['spot']['note'], $kept['spot']['hazards'], intdiv($kept['spot']['depth'], 10)],
            'a sofa is measured whole, what is dressed is its seat',
        );
        self::assertCount(2, $kept['remarks'], 'what was made of it is said');

        $spot = $kept['spot']['id'];
        $input = ['note' => str_repeat('x', 301)] + $this->inputOf($kept['spot']);
        $this->assertRefused(422, 'A note takes 300 characters.', $this->call('PUT', "{$home}/spots/{$spot}", $input));
        $changed = $this->call('PUT', "{$home}/spots/{$spot}", ['note' => ' the cat sleeps left '] + $this->inputOf($kept['spot']));
        self::assertSame([200, 'the cat sleeps left'], [$this->code(), $changed['note']], $this->text());
        $this->call('POST', $home . '/undo');
        self::assertSame('throw stays; back 84 cm high; 95 cm deep in all', $this->call('GET', $home . '/house')['spots'][0]['note']);
    }

    public function testTheCoverOfASeatIsKeptClearedAndRefusedWhereItIsNoColour(): void
    {
        $home = $this->newHome();
        $kept = $this->call('POST', $home . '/house/lines', ['line' => 'den: navy sofa 210 cm', 'room' => ''])['spot'];
        self::assertSame('#1F2E4F', $kept['cover']);
        $path = "{$home}/spots/{$kept['id']}";

        $refused = $this->call('PUT', $path, ['cover' => 'blue'] + $this->inputOf($kept));
        self::assertSame([422, ['cover']], [$this->code(), array_column($refused['violations'], 'field')], $this->text());
        $grey = $this->call('PUT', $path, ['cover' => '#59626B'] + $this->inputOf($kept));
        self::assertSame([200, '#59626B'], [$this->code(), $grey['cover']], $this->text());
        $unsaid = $this->call('PUT', $path, ['cover' => null] + $this->inputOf($grey));
        self::assertSame([200, null], [$this->code(), $unsaid['cover']], $this->text());
        $this->call('POST', $home . '/undo');
        self::assertSame('#59626B', $this->call('GET', $home . '/house')['spots'][0]['cover']);
    }

    public function testTheNoteOfASpotIsReadWhereItIsSetUp(): void
    {
        $this->signIn();
        $spots = array_column($this->call('GET', $this->home() . '/house')['spots'], null, 'name');
        $mantel = $spots['Stove shelf'];
        $this->call('PUT', $this->home() . '/spots/' . $mantel['id'], ['note' => 'flue on the right'] + $this->inputOf($mantel));
        self::assertSame(200, $this->code(), $this->text());
        $this->call('POST', $this->swap() . '/day', ['people' => 1]);

        $day = $this->call('GET', $this->swap() . '/day');
        $setUp = array_values(array_filter($day['tasks'], static fn(array $task): bool => $mantel['id'] === $task['spot'] && 'set up' === $task['phase']));
        self::assertContains('“flue on the right”', $setUp[0]['steps'] ?? []);

        $mantel = array_column($this->call('GET', $this->home() . '/house')['spots'], null, 'name')['Stove shelf'];
        $this->call('PUT', $this->home() . '/spots/' . $mantel['id'], ['note' => 'flue on the left'] + $this->inputOf($mantel));
        self::assertTrue($this->call('GET', $this->swap() . '/day')['isStale'], 'the sheet says what was known before');
    }

    public function testALineThatIsUnclearIsRefusedWithItsQuestionAndKeepsNothing(): void
    {
        $home = $this->newHome();
        $problem = $this->call('POST', $home . '/house/lines', ['line' => 'larder: gubbins', 'room' => '']);

        $this->assertRefused(422, 'What is “gubbins”', $problem);
        self::assertSame([], $this->call('GET', $home . '/house')['rooms']);
    }

    public function testARoomAndItsSpotMadeByOneLineGoBackTogether(): void
    {
        $home = $this->newHome();
        $this->call('POST', $home . '/house/lines', ['line' => 'larder: jam shelf 90 x 22', 'room' => '']);
        $this->call('POST', $home . '/undo');
        self::assertSame([], $this->call('GET', $home . '/house')['rooms']);
        $this->call('POST', $home . '/redo');
        self::assertSame(['Larder'], array_column($this->call('GET', $home . '/house')['rooms'], 'name'));
    }

    public function testTheTokenOfTheSignInIsGoodForTheNextWrite(): void
    {
        $this->signIn();
        $this->call('POST', $this->home() . '/house/lines', ['line' => 'boot room: bench 100 x 40 cm', 'room' => '']);

        self::assertSame(201, $this->code(), $this->text());
    }

    public function testAStrangerGetsNoSessionAndHealthTellsNothingElse(): void
    {
        $this->browser->request('GET', '/health');
        self::assertSame(200, $this->code());
        self::assertSame([], $this->browser->getResponse()->headers->getCookies());
        $this->call('GET', '/api/me');
        self::assertSame([401, []], [$this->code(), $this->browser->getResponse()->headers->getCookies()]);
    }

    /**
     * @param array<string, mixed> $spot as it was answered
     *
     * @return array<string, mixed> as it is sent, in centimetres
     */
    private function inputOf(array $spot): array
    {
        $length = static fn(mixed $tenths): string => \is_int($tenths) ? $tenths / 100 . ' cm' : '';
        $sides = ['width', 'depth', 'ledgeHeight', 'clearHeight', 'rise', 'belowWidth', 'belowTop'];
        $as = array_combine($sides, array_map(static fn(string $side): string => $length($spot[$side]), $sides));
        $same = ['room', 'name', 'kind', 'seenFrom', 'wall', 'hazards', 'focalRank', 'tableShape', 'seats', 'posts', 'note', 'version'];

        return $as + array_intersect_key($spot, array_flip($same)) + ['keepClear' => [], 'tiers' => array_map($length, $spot['tiers'])];
    }

    private function newHome(): string
    {
        $this->signIn();
        $home = '/api/homes/' . $this->call('POST', '/api/homes', ['name' => 'Weir Cottage', 'unit' => 'cm', 'currency' => '€', 'giftMoney' => 'counts'])['id'];
        self::assertSame(201, $this->code(), $this->text());

        return $home;
    }
}
