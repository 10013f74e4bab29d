<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/**
 * A sheet put right where it stands: cell by cell, for all rows alike, column by column; nothing is stored before,
 * and what was put right is what is taken in.
 */
final class SheetMendTest extends AppTestCase
{
    private const SHEET = "Loft list\nItem,Qty,Where,Extra\nred vase 9 in,some,Garage,12\nblue vase 9 in,2,Garage,4\ngizmo 7 in,1,A1,8\nTotal,3,,\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testCellsAndAllRowsAlikeArePutRight(): void
    {
        $read = $this->read(self::SHEET);
        self::assertSame([3, 0, 3], [$read['rows'], $read['good'], $read['bad']]);
        self::assertSame(['Loft list', 'Total 3'], array_column($read['asides'], 'text'));
        self::assertSame(
            [['places', 2]],
            array_map(
                static fn(array $one): array => [$one['field'], $one['alike']],
                array_values(array_filter($read['shown'][1]['problems'], static fn(array $one): bool => 'places' === $one['field'])),
            ),
        );
        $mended = $this->mend(
            $read['id'],
            [],
            [['line' => null, 'field' => 'places', 'said' => 'Garage', 'cell' => 'A2'], ['line' => 3, 'field' => 'count', 'said' => 'some', 'cell' => '4']],
        );
        self::assertSame([2, 1], [$mended['good'], $mended['bad']]);
        $mended = $this->mend($read['id'], [], [['line' => 5, 'field' => 'kind', 'said' => '', 'cell' => 'figure']]);
        self::assertSame([3, 0], [$mended['good'], $mended['bad']]);
        self::assertSame(3, $this->take($read['id'])['made']);

        self::assertSame(
            ['red vase 9 in' => 4, 'blue vase 9 in' => 2, 'gizmo 7 in' => 1],
            array_map(
                intval(...),
                $this->db()->fetchAllKeyValue(
                    "SELECT p.name, s.count FROM piece p JOIN standing s ON s.piece_id = p.id "
                        . "WHERE p.name IN ('red vase 9 in', 'blue vase 9 in', 'gizmo 7 in') ORDER BY p.count DESC",
                ),
            ),
        );
        self::assertSame(
            2,
            (int) $this->db()->fetchOne(
                "SELECT COUNT(*) FROM standing s JOIN piece p ON p.id = s.piece_id WHERE p.name LIKE '%vase 9 in' AND s.place = ?",
                ['tote:' . $this->id('tote', 'A2')],
            ),
        );
    }

    public function testAColumnIsWhatSomebodySaysItIs(): void
    {
        $read = $this->read("Item,Height,Extra\nred vase,9 in,12\n");
        self::assertSame('Extra: 12', $read['shown'][0]['care']);
        self::assertSame(['name', 'height', 'note'], array_column($read['columns'], 'field'));
        $mended = $this->mend($read['id'], [['column' => 2, 'field' => 'cost']], []);

        self::assertSame([1200, ''], [$mended['shown'][0]['costEach'], $mended['shown'][0]['care']]);
        self::assertSame('', $this->mend($read['id'], [['column' => 2, 'field' => '']], [])['shown'][0]['care']);
    }

    public function testARowIsLeftOutAndTakenInAgain(): void
    {
        $read = $this->read("Item,Height\nred vase,9 in\nblue vase,8 in\n");
        $left = ['line' => 2, 'field' => 'left out', 'said' => '', 'cell' => 'yes'];
        self::assertSame([1, 1], [$this->mend($read['id'], [], [$left])['good'], $this->mend($read['id'], [], [])['leftOut']]);
        self::assertSame([2, 0], array_values(array_intersect_key($this->mend($read['id'], [], [['cell' => ''] + $left]), ['good' => 0, 'leftOut' => 0])));
        $this->mend($read['id'], [], [$left]);

        self::assertSame(1, $this->take($read['id'])['made']);
    }

    #[TestWith(['columns', [['column' => 0, 'field' => 'rocket']], [], '“rocket” is not a field of a piece.'])]
    public function testWhatIsNoFieldIsRefused(string $field, array $columns, array $cells, string $sentence): void
    {
        $read = $this->read("Item,Height\nred vase,9 in\n");

        $this->assertRefused(422, $sentence, $this->mend($read['id'], $columns, $cells), $field);
    }

    public function testWhatIsInTheCupboardAlreadyIsNotPutRightAnyMore(): void
    {
        $read = $this->read("Item,Height\nred vase,9 in\n");
        $this->take($read['id']);

        $this->assertRefused(422, 'Rows of this sheet are in the cupboard already.', $this->mend($read['id'], [], []), 'cells');
    }

    public function testAPlaceThatCouldBeSeveralIsAskedWhereItStands(): void
    {
        $read = $this->read("Item,Height,Where\nred vase,9 in,attic\n");
        self::assertSame('Which one is “attic”?', $read['shown'][0]['problems'][0]['sentence'] ?? $this->text());
        $mended = $this->mend($read['id'], [], [['line' => null, 'field' => 'places', 'said' => 'attic', 'cell' => 'A2']]);

        self::assertSame([1, 'tote A2'], [$mended['good'], $mended['shown'][0]['places']]);
    }

    public function testOnlyWhatIsShownIsReadAgain(): void
    {
        $rows = implode('', array_map(static fn(int $i): string => "red vase {$i},9 in,Garage\n", range(1, 400)));
        $read = $this->read("Item,Height,Where\n{$rows}");
        self::assertSame([400, 200, 400], [$read['bad'], \count($read['shown']), $read['shown'][0]['problems'][0]['alike']]);
        $mended = $this->mend($read['id'], [], [['line' => null, 'field' => 'places', 'said' => 'Garage', 'cell' => 'loose']]);

        self::assertSame([0, 200], [$mended['bad'], \count($mended['shown'])]);
        self::assertSame(400, $mended['good'] + $mended['doubles']);
    }

    /** @return array<mixed> */
    private function read(string $text): array
    {
        return $this->call('POST', $this->home() . '/tables', ['base64' => base64_encode($text)]);
    }

    /**
     * @param list<array{column: int, field: string}>                                $columns
     * @param list<array{line: int|null, field: string, said: string, cell: string}> $cells
     *
     * @return array<mixed>
     */
    private function mend(string $table, array $columns, array $cells): array
    {
        return $this->call('POST', $this->home() . "/tables/{$table}/mends", ['columns' => $columns, 'cells' => $cells]);
    }

    /** @return array<mixed> */
    private function take(string $table): array
    {
        return $this->call('PUT', $this->home() . '/tables/' . $table, ['leaveOutBad' => false, 'leaveOutDoubles' => false, 'most' => 1000]);
    }
}
