<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Tests\Browser\Page\CupboardPages;
use App\Tests\Browser\Support\BrowserTestCase;
use App\Tests\Support\Picture;
use BrightCupboard\Core\Stock\PieceKind;
use Facebook\WebDriver\WebDriverKeys;

/** Taking stock in, finding and counting it, and what a look and the Table say about it, on lines and files nobody prepared the home for. */
final class StockInDepthTest extends BrowserTestCase
{
    private const BOX = [
        '3 brass candlesticks 9 in, attic A2, $4 each, thrifted',
        'blue ginger jar 9x14 in, chip on the rim',
        '2 sage wool throws 50 x 60 in',
        'mercury glass vase 7 in tall',
        'pair of iron lanterns 14 in, cellar C1',
        '4 red velvet cushions 18x18',
        'oak leaf garland 6 ft',
        'white pumpkin 8 in x 7 in',
        'set of 5 pillar candles 3x6 in ivory',
        '2 framed prints 11x14 in black frame',
        'wicker basket 14 in wide',
        '6 glass baubles 3 in, Christmas, gold',
        'linen table runner 14x72 in natural',
        'pottery hare 6 in tall',
        'wreath 20 in eucalyptus dried',
        'brass bell 4 in tall, from grandmother',
        'round tray 15 in wood',
        '3 green bottle vases 4x10 in',
        'tea light holder 3 in clay',
        'terracotta bowl 10 in wide',
    ];

    /** @var list<string> read by the browser when it likes, so removed at the end */
    private array $files = [];

    protected function tearDown(): void
    {
        parent::tearDown();
        array_map(unlink(...), $this->files);
    }

    /** A note pasted as it is: what is clear goes in with one press, what is not is answered where it stands, and one undo takes it all out again. */
    public function testANoteIsPastedAnsweredAndTakenIn(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->see('[aria-label="One line about a piece"]');
        $page->browser->executeScript(
            'const at = document.querySelector("[aria-label=\'One line about a piece\']"); const data = new DataTransfer(); '
                . 'data.setData("text/plain", arguments[0]); at.dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, '
                . 'cancelable: true }));',
            ["A2:\n- owl, mum's\n- 2 grey jugs 11 in, \$36\n- tin lanterns 8 and 12 in"],
        );
        $page->seeText('3 lines')->seeText('1 clear, 1 of them with something assumed; 2 to answer')->seeText("A2, attic; note: mum's");
        $page->press('$36 for all 2')->press('2 pieces, a line each')->seeText('4 lines')->seeText('4 clear');
        $page->press('Take in 4 lines')->seeText('4 pieces so far, 5 units')->seeText('4 pieces are in the cupboard');
        $page->drawer('Cupboard')->seeText('1 assumed size: walk it with a tape')->press('1 assumed size: walk it with a tape')->seeText('1 piece, 1 unit');
        self::assertSame('not measured', $page->value('Find in the cupboard'));
    }

    public function testABoxOfTwentyIsTakenInWithoutLeavingTheKeyboard(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->see('[aria-label="One line about a piece"]');
        foreach (self::BOX as $i => $line) {
            $page->key($line);
            $page->until(static fn(): bool => 1 === $page->count('[data-testid="reading"]'), "{$line} is read");
            $this->answerByKeys($page, $line);
            $page->key(WebDriverKeys::ENTER);
            $page->until(static fn(): bool => str_contains($page->text(), $i + 1 . (0 === $i ? ' piece so far' : ' pieces so far')), "“{$line}” is taken in");
        }
        $page->key(WebDriverKeys::ARROW_UP);
        self::assertSame(self::BOX[19], $page->value('One line about a piece'), '↑ brings the last line again');
    }

    public function testAPhotoGivesThePieceItsColoursAndStaysWithIt(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box');
        $this->chooseFile($page, 'Photo, with its colours', Picture::jpeg(1), 'jpg');
        $page->seeText('not this one')->type(
            'One line about a piece',
            'striped box 8 in',
        )->seeText('✓ Clear')->press('Take it in')->seeText('Striped box has its photo');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'striped box')->until(
            fn(): bool => (bool) $this->browser->executeScript(
                "const one = document.querySelector('[data-testid=\"piece-Striped box\"]'); one?.click(); return one !== null;",
            ),
            'it stands on a shelf',
        );
        $page->until(
            fn(): bool => 0 < (int) $this->browser->executeScript("return document.querySelector('img[src*=\"/photo\"]')?.naturalWidth ?? 0"),
            'its photo is shown',
        );
        self::assertSame(Picture::WIDTH, $this->browser->executeScript("return document.querySelector('img[src*=\"/photo\"]').naturalWidth"));
    }

    /** Questions under a line are answered with Alt and a digit until there are none. */
    private function answerByKeys(CupboardPages $page, string $line): void
    {
        $page->until(function () use ($page, $line): bool {
            if (str_contains($page->text(), '✓ Clear. Enter takes it in.')) {
                return true;
            }
            if ($page->count('[data-testid="reading"] kbd') > 0) {
                $page->key(WebDriverKeys::ALT, '1', WebDriverKeys::NULL);
            }

            return false;
        }, "“{$line}” becomes clear");
    }

    public function testATableIsLookedThroughBeforeItIsTakenInAndTakenBackWhole(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->follow('From a table instead');
        $this->chooseFile(
            $page,
            'CSV file',
            "name;kind;colour;width;depth;height;tote\nRope rug;throw;sand;14;10;1;A1\nHeron;heron;grey;7;6;17;\nNo size;vase;blue;;;;B9\n",
            'csv',
        );
        $page->seeText('1 of 3 rows can be taken in; 1 look like something you own; 1 have a cell to put right.');
        self::assertNull($this->enabled($page, 'Take in 1 piece'), 'a row with a cell that cannot be read holds the sheet back');
        $page->seeText('“B9” is not a tote or a spot of this home.')->type('Row 4, where it is', 'A2')->press('Put right');
        $page->seeText('2 of 3 rows can be taken in, 1 with something assumed; 1 look like something you own; 0 have a cell to put right.');
        $page->press('Take in 2 pieces')->seeText('3 of 3 rows done, 2 pieces taken in.')->seeText('2 pieces are taken in');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'rope rug')->seeText('Rope rug');
    }

    public function testEveryKindHasAPictureOfItsOwn(): void
    {
        $rows = array_map(static fn(PieceKind $kind): string => "Sample {$kind->value};{$kind->value};rust;8;5;9", PieceKind::cases());
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Unpack a box')->follow('From a table instead');
        $this->chooseFile($page, 'CSV file', "name;kind;colour;width;depth;height\n" . implode("\n", $rows) . "\n", 'csv');
        $page->press('Take in ' . \count($rows) . ' pieces')->seeText(\count($rows) . ' pieces taken in');
        $page->drawer('Cupboard')->type('Find in the cupboard', 'sample')->seeText(\count($rows) . ' pieces, ');
        $drawn = [];
        $page->until(function () use (&$drawn, $rows): bool {
            $seen = $this->browser->executeScript(
                "const shelves = document.querySelector('[data-testid=shelves]'); const seen = "
                    . "[...shelves.querySelectorAll('[role=option]')].filter((one) => (one.querySelector('img')?.naturalWidth ?? "
                    . "one.querySelectorAll('svg .pc path').length) > 0).map((one) => one.dataset.testid); shelves.scrollTop += 150; return seen;",
            );
            $drawn += array_fill_keys(\is_array($seen) ? $seen : [], true);

            return \count($drawn) >= \count($rows);
        }, 'every kind is drawn');
        self::assertEqualsCanonicalizing(
            array_map(static fn(PieceKind $kind): string => "piece-Sample {$kind->value}", PieceKind::cases()),
            array_keys($drawn),
        );
        self::assertSame(
            [],
            array_filter(
                $this->browser->manage()->getLog('browser'),
                static fn(array $entry): bool => 'SEVERE' === $entry['level'] && !str_contains((string) $entry['message'], '401'),
            ),
        );
    }

    public function testRibbonsComeFromAPhotoAndTheStockAnswersThem(): void
    {
        $page = $this->page()->signIn();
        $page->station('Look')->press('Take from');
        $this->chooseFile($page, 'Photo, PNG, JPEG or WebP', Picture::jpeg(6), 'jpg');
        $page->until(static fn(): bool => 1 === $page->count('[data-testid="found-colours"] li'), 'the half that reaches the edges is taken for the ground');
        $this->browser->executeScript("document.querySelector('[role=dialog] input[type=checkbox]').click()");
        $page->until(static fn(): bool => 2 === $page->count('[data-testid="found-colours"] li'), 'two colours are found');
        $page->press('Make 2 ribbons of them')->seeText('is changed');
        $shares = $this->browser->executeScript(
            "return [...document.querySelectorAll('[role=slider]')].map((one) => Number(one.getAttribute('aria-valuenow')))",
        );
        self::assertSame(100, array_sum($shares));
        self::assertCount(2, $shares);
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(
            static fn(): bool => 5 === $page->count('[role="slider"]'),
            'undo hangs the five ribbons again',
        );
    }

    public function testAToteIsCountedAndTheBooksFollowOnlyWhenTold(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Tote A1')->press('Count it')->see('[data-testid="stock-take"]');
        $before = $this->piecesInTote($page);
        $page->press('One less of Sage wreath')->press('What differs?');
        $page->seeText('1 of Sage wreath missing: goes to the lost until it is found');
        self::assertSame($before, $this->piecesInTote($page), 'asking changes nothing');
        $page->press('Put the books right')->seeText('Tote A1 is counted');
        $page->until(fn(): bool => $before - 1 === $this->piecesInTote($page), 'the wreath is out of the books of A1');
        $page->key(WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL)->until(fn(): bool => $before === $this->piecesInTote($page), 'undo puts it back');
    }

    private function piecesInTote(CupboardPages $page): int
    {
        return 1 === preg_match('/(\d+) pieces, \d+ % full/', $page->text(), $match) ? (int) $match[1] : 0;
    }

    public function testAnythingIsFoundFromAnywhereAndSaysWhereItLies(): void
    {
        $page = $this->page()->signIn();
        $page->key('/')->type('What you look for', 'brass under 10 in')->seeText('Ferry bell');
        $page->type('What you look for', 'something in plutonium')->seeText('No piece here is known by “plutonium”.');
        $page->type('What you look for', 'ferry bell')->seeText('Ferry bell')->key(WebDriverKeys::ENTER);
        $page->until(fn(): bool => str_contains($this->browser->getCurrentURL(), '/cupboard?piece='), 'Enter opens it in the cupboard');
        $page->key(WebDriverKeys::ALT, '2', WebDriverKeys::NULL)->see('[role="listbox"]');
        self::assertStringEndsWith('/table', $this->browser->getCurrentURL());
    }

    public function testAQuestionIsPutRightAndWhatItLeavesOutIsSaid(): void
    {
        $page = $this->page()->signIn();
        $page->key('/')->type('What you look for', 'boho basket')->type(
            'In this home “boho” means',
            'reed, dried stems',
        )->press('Keep the word')->seeText('“boho” means reed, dried stems here.');
        $page->type('What you look for', 'how many stockings')->seeText(', in ');
        $page->type('What you look for', 'notes about hooks')->seeText('note, ');
        $page->press('Close without saving');
        $page->key('/')->type('What you look for', 'velvet cushon')->seeText('Moss velvet');
        $page->type('What you look for', 'boho velvet cushon')->seeText('“boho”')->seeText('Moss velvet');
        $page->type('What you look for', 'lanterns that fit on the kitchen sill')->seeText('fits on kitchen sill');
        $page->key(WebDriverKeys::ESCAPE)->until(static fn(): bool => 0 === $page->count('[role="dialog"]'), 'Escape closes it');

        self::assertStringNotContainsString('fits on kitchen sill', $page->text());
    }

    public function testAScannedLabelOpensItsToteAfterSigningIn(): void
    {
        $page = $this->page()->signIn();
        $page->drawer('Cupboard')->follow('Tote A1')->press('Count it');
        $tote = $this->browser->getCurrentURL();
        $this->browser->manage()->deleteAllCookies();
        $this->browser->get($tote);
        $page->until(static fn(): bool => '' !== $page->see('input[type="email"]')->getAttribute('value'), 'the demo fills in its sign-in');
        $page->press('Sign in')->seeText('Count it');
        self::assertSame($tote, $this->browser->getCurrentURL());
    }

    private function chooseFile(CupboardPages $page, string $label, string $bytes, string $extension): void
    {
        file_put_contents($this->files[] = $path = tempnam(sys_get_temp_dir(), 'chosen') . '.' . $extension, $bytes);
        $page->give($label, $path);
    }

    private function enabled(CupboardPages $page, string $button): ?string
    {
        return 'true' === $page->seeAt("//button[starts-with(normalize-space(), '{$button}')]")->getAttribute('disabled') ? null : $button;
    }
}
