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

    private function newHome(): string
    {
        $this->signIn();
        $home = '/api/homes/' . $this->call('POST', '/api/homes', ['name' => 'Weir Cottage', 'unit' => 'cm', 'currency' => '€', 'giftMoney' => 'counts'])['id'];
        self::assertSame(201, $this->code(), $this->text());

        return $home;
    }
}
