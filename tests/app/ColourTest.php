<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use App\Tests\Support\Picture;
use PHPUnit\Framework\Attributes\DataProvider;

/** Colours from photos, pieces and palette files; looks measured, followed through the rooms, and pieces restyled. */
final class ColourTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return iterable<string, array{string}> */
    public static function pictures(): iterable
    {
        yield 'PNG' => [Picture::png()];
        yield 'WebP' => [Picture::webp()];
        yield 'JPEG' => [Picture::jpeg(1)];
    }

    #[DataProvider('pictures')]
    public function testAPhotoGivesItsColoursWithShares(string $file): void
    {
        $found = $this->upload($this->home() . '/colours/photo?most=5&withoutGround=0', $file);

        self::assertSame(200, $this->code(), $this->text());
        self::assertEqualsWithDelta([50, 50], array_column($found['colours'], 'percent'), 2);
        self::assertEqualsCanonicalizing(['red', 'pine green'], array_column($found['colours'], 'name'));
    }

    public function testWhatIsSeeThroughAroundAThingIsLeftOut(): void
    {
        $found = $this->upload($this->home() . '/colours/photo', Picture::cutOut());

        self::assertSame(['transparent', [100]], [$found['seen'], array_column($found['colours'], 'percent')], $this->text());
        self::assertSame('#B01E2E', $found['colours'][0]['hex']);
    }

    public function testAPhotoOfAPieceIsTurnedUprightEncodedAnewAndForgetsWhereItWasTaken(): void
    {
        $path = $this->home() . '/pieces/' . $this->id('piece', 'Heron') . '/photo';
        $piece = $this->upload($path, Picture::jpeg(6));
        self::assertNotNull($piece['photoAt'], $this->text());
        $this->browser->request('GET', $path);
        $kept = $this->text();
        $size = getimagesizefromstring($kept);
        self::assertIsArray($size);

        self::assertSame([Picture::HEIGHT, Picture::WIDTH], [$size[0], $size[1]], 'Held sideways, it is shown upright.');
        self::assertStringNotContainsString('Secret', $kept);
        self::assertSame('image/jpeg', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertNull($this->call('DELETE', $path)['photoAt']);
        $this->assertRefused(404, 'This piece has no photo yet.', $this->call('GET', $path));
    }

    /** @return iterable<string, array{string, string}> file, sentence */
    public static function noPhotos(): iterable
    {
        yield 'text' => ['hello', 'This is not a photo we can read. Take PNG, JPEG or WebP.'];
        yield 'a script that says it is a picture' => ["GIF89a<?php echo 1;", 'This is not a photo we can read.'];
        yield 'a picture broken off' => [substr(Picture::png(), 0, 60), 'The photo is damaged and cannot be read.'];
        yield 'a picture of a size nobody owns' => [
            "\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\xFF\xFF\0\0\xFF\xFF\x08\x02\0\0\0" . pack('N', 0),
            'at most 40 million in all can be read.',
        ];
    }

    #[DataProvider('noPhotos')]
    public function testWhatIsNoPhotoIsRefusedAtItsField(string $file, string $sentence): void
    {
        $this->assertRefused(422, $sentence, $this->upload($this->home() . '/colours/photo', $file), 'photo');
        $this->assertRefused(422, 'Choose a photo first', $this->call('POST', $this->home() . '/colours/photo'), 'photo');
    }

    public function testALookGoesOutAsAPaletteFileAndComesInAgain(): void
    {
        $look = $this->id('look', 'Juniper & Ember');
        $this->browser->request('GET', $this->home() . "/looks/{$look}/palette");
        $text = $this->text();
        self::assertStringStartsWith("GIMP Palette\nName: Juniper & Ember\n", $text);
        self::assertStringContainsString('attachment', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
        $read = $this->call('POST', $this->home() . '/colours/palette', ['text' => $text]);

        self::assertSame(['Tallow', 'Juniper', 'Ember', 'Soot', 'Brass'], array_column($read['colours'], 'name'));
        $this->assertRefused(422, 'This is not a GIMP palette', $this->call('POST', $this->home() . '/colours/palette', ['text' => 'nonsense']), 'text');
    }

    public function testColoursOfSeveralPiecesComeByWhatIsSeenOfThem(): void
    {
        $together = $this->call('POST', $this->home() . '/colours/pieces', ['pieces' => [$this->id('piece', 'Brass tray'), $this->id('piece', 'Plum bottle')]]);

        self::assertSame(100, array_sum(array_column($together['colours'], 'percent')));
        self::assertSame('brass', $together['colours'][0]['name']);
        self::assertEqualsCanonicalizing(['metal', 'clay and stone'], array_column($together['textures'], 'texture'));
        $this->assertRefused(
            422,
            'One of these pieces is not in the cupboard any more.',
            $this->call('POST', $this->home() . '/colours/pieces', ['pieces' => ['nothing']]),
            'pieces',
        );
    }

    public function testANudgedColourIsLighterAndNamed(): void
    {
        $nudged = $this->call('POST', $this->home() . '/colours/nudged', ['hex' => '#3E5F5A', 'lightness' => 0.2, 'chroma' => 0, 'degrees' => 0]);
        self::assertSame(200, $this->code(), $this->text());

        self::assertNotSame('#3E5F5A', $nudged['hex']);
        self::assertNotSame('', $nudged['name']);
        $this->assertRefused(
            422,
            '“mauve-ish” is not a colour.',
            $this->call('POST', $this->home() . '/colours/nudged', ['hex' => 'mauve-ish', 'lightness' => 0, 'chroma' => 0, 'degrees' => 0]),
        );
        self::assertCount(6, $this->call('POST', $this->home() . '/colours/partners', ['hex' => '#3E5F5A'])['partners']);
    }

    public function testTheStockAnswersWithAReadingAndWarnings(): void
    {
        $look = $this->look();
        $look['ribbons'][2] = ['name' => 'Twin', 'hex' => '#40615B', 'role' => 'accent', 'percent' => $look['ribbons'][2]['percent']];
        $answer = $this->call('POST', $this->swap() . '/look-answer', $look);

        self::assertSame('Nobody will tell Juniper from Twin: ', substr($answer['reading']['warnings'][0], 0, 36));
        self::assertCount(3, $answer['reading']['words']);
        self::assertSame('tallow', $answer['reading']['names'][0]);
    }

    public function testWhatRestsByWordDropsOutAndIsKeptWithTheLook(): void
    {
        $heron = $this->id('piece', 'Heron');
        $look = ['restingPieces' => [$heron], 'restingTextures' => ['wax'], 'colour' => 'quiet'] + $this->look();
        $scores = array_column($this->call('POST', $this->swap() . '/look-answer', $look)['answers'], 'score', 'piece');
        self::assertSame(0, $scores[$heron]);
        $this->call('PUT', $this->home() . '/looks/' . $this->runningLook()['id'], $look + ['version' => $this->runningLook()['version']]);

        self::assertSame(
            [[$heron], ['wax'], 'quiet'],
            [$this->runningLook()['restingPieces'], $this->runningLook()['restingTextures'], $this->runningLook()['colour']],
        );
    }

    public function testColoursMeantForARoomAreFollowedByTheThreadAndTakenBack(): void
    {
        $room = $this->id('room', 'Parlour');
        $rooms = fn(): array => array_column($this->call('GET', $this->swap() . '/thread')['rooms'], null, 'room');
        $before = $rooms()[$room];
        $this->call('PUT', $this->swap() . "/rooms/{$room}/taste", ['school' => null, 'mood' => null, 'overruled' => [], 'ribbons' => ['Tallow', 'Soot']]);
        self::assertSame(200, $this->code(), $this->text());
        $after = $rooms()[$room];
        $names = array_column(
            json_decode(
                (string) $this->db()->fetchOne('SELECT l.ribbons FROM look l JOIN swap s ON s.look_id = l.id WHERE s.id = ?', [basename($this->swap())]),
                true,
            ),
            'name',
        );

        self::assertSame(['Juniper', 'Ember', 'Brass'], array_map(static fn(int $i): string => $names[$i], $after['without']));
        self::assertNotSame([], $after['owed'], 'Soot is not seen at every spot of it');
        self::assertSame([], $before['owed']);
        $this->assertRefused(
            422,
            'The look has no ribbon “Lime”',
            $this->call('PUT', $this->swap() . "/rooms/{$room}/taste", ['school' => null, 'mood' => null, 'overruled' => [], 'ribbons' => ['Lime']]),
            'ribbons',
        );
        $this->undo();
        self::assertSame($before, $rooms()[$room]);
    }

    public function testTheThreadBreaksWhereARibbonIsMissingAndOwnedPiecesMendIt(): void
    {
        $thread = $this->call('GET', $this->swap() . '/thread');
        $rooms = array_column($thread['rooms'], null, 'room');
        $broken = array_values(array_filter($thread['rooms'], static fn(array $room): bool => [] !== $room['missing']));

        self::assertCount(7, $rooms);
        self::assertTrue($rooms[$this->id('room', 'Kitchen')]['isBare']);
        self::assertSame([], $rooms[$this->id('room', 'Hall')]['missing'], 'twigs, brass and ember are all there');
        self::assertNotSame([], $broken);
        self::assertNotSame([], $broken[0]['missing'][0]['menders']);
        self::assertEqualsWithDelta(1.0, array_sum($thread['shares']), 1e-6);
    }

    public function testARestyleIsPlannedDoneAndTakenBackWithoutLosingASide(): void
    {
        $piece = $this->id('piece', 'Rust check');
        $before = $this->piece('Rust check')['colours'];
        $line = $this->call(
            'POST',
            $this->swap() . '/restyles',
            ['piece' => $piece, 'way' => 'another cover', 'sentence' => 'Put on a cover in Ember.', 'colours' => [['hex' => '#B5532A', 'percent' => 100]]],
        );
        self::assertSame(
            [201, 'restyle', 'Rust check: Put on a cover in Ember', 2800],
            [$this->code(), $line['way'], $line['name'], $line['total']],
            $this->text(),
        );
        $this->state($line, 'got');
        self::assertSame('#B5532A', $this->piece('Rust check')['colours'][0]['hex']);
        self::assertSame($before, $this->piece('Rust check')['faces'][0]['colours'], 'The side before is kept as a face.');
        $this->state($this->line($line['id']), 'returned');

        self::assertSame($before, $this->piece('Rust check')['colours']);
    }

    public function testNearlyRightPiecesComeWithWhatWouldMakeThemRight(): void
    {
        $restyles = $this->call('GET', $this->swap() . '/restyles')['pieces'];
        self::assertNotSame([], $restyles);
        foreach ($restyles as $one) {
            foreach ($one['ideas'] as $idea) {
                self::assertGreaterThanOrEqual($idea['scoreBefore'] + 8, $idea['scoreAfter']);
            }
        }
        $turn = array_merge(...array_column($restyles, 'ideas'));
        self::assertContains('turn another face', array_column($turn, 'way'));
    }

    /** @return array<mixed> */
    private function runningLook(): array
    {
        $house = $this->call('GET', $this->home() . '/house');
        $swap = array_values(array_filter($house['swaps'], static fn(array $one): bool => null === $one['closedAt']))[0];

        return array_column($house['looks'], null, 'id')[$swap['look']];
    }

    /** @return array<mixed> the running look as it is sent */
    private function look(): array
    {
        return array_diff_key($this->runningLook(), ['id' => 1, 'version' => 1]);
    }

    /** @return array<mixed> */
    private function piece(string $name): array
    {
        return array_column($this->call('GET', $this->home() . '/pieces?limit=1000')['pieces'], null, 'name')[$name];
    }

    /** @param array<mixed> $line */
    private function state(array $line, string $state): void
    {
        $this->call('PUT', $this->home() . '/lines/' . $line['id'] . '/state', ['state' => $state, 'version' => $line['version']]);
        self::assertSame(200, $this->code(), $this->text());
    }

    /** @return array<mixed> */
    private function line(string $id): array
    {
        return array_column($this->call('GET', $this->swap() . '/haul')['lines'], null, 'id')[$id];
    }
}
