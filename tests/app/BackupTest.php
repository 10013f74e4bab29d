<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Backup and restore on a database file of their own. */
final class BackupTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/bright-cupboard-backup-' . bin2hex(random_bytes(4));
        mkdir($this->folder);
        copy(\dirname(__DIR__, 2) . '/var/test.db', $this->folder . '/data.db');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder . '/*') ?: []);
        rmdir($this->folder);
    }

    public function testACopyPutBackIsTheSameDatabase(): void
    {
        self::assertStringContainsString('checked', $this->console('app:backup', $this->folder . '/copy.db'));
        (new \SQLite3($this->folder . '/data.db'))->exec("UPDATE home SET name = 'Spoiled'");
        $this->console('app:restore', $this->folder . '/copy.db');

        self::assertSame('Ferry House', (new \SQLite3($this->folder . '/data.db'))->querySingle("SELECT name FROM home WHERE name = 'Ferry House'"));
        self::assertSame('Spoiled', (new \SQLite3($this->folder . '/data.db.before-restore'))->querySingle('SELECT name FROM home LIMIT 1'));
    }

    public function testWhatIsNotOurDatabaseIsNotPutBack(): void
    {
        file_put_contents($this->folder . '/other.db', 'nothing of the kind');
        $output = $this->console('app:restore', $this->folder . '/other.db');

        self::assertStringContainsString('Nothing was changed.', $output);
        self::assertSame('Ferry House', (new \SQLite3($this->folder . '/data.db'))->querySingle("SELECT name FROM home WHERE name = 'Ferry House'"));
    }

    public function testAnEarlierRestoreKeepsWhatItKept(): void
    {
        $this->console('app:backup', $this->folder . '/copy.db');
        foreach (['First', 'Second'] as $name) {
            (new \SQLite3($this->folder . '/data.db'))->exec("UPDATE home SET name = '{$name}'");
            $this->console('app:restore', $this->folder . '/copy.db');
        }
        $kept = array_map(
            static fn(string $file): mixed => (new \SQLite3($file))->querySingle('SELECT name FROM home LIMIT 1'),
            glob($this->folder . '/data.db.before-restore*') ?: [],
        );

        self::assertSame(['First', 'Second'], $kept);
    }

    /** @return iterable<string, array{\Closure(string): void, string}> what is done to a copy, and what is said of it */
    public static function unsoundCopies(): iterable
    {
        yield 'a page is torn' => [
            static fn(string $file): mixed => file_put_contents(
                $file,
                str_repeat("\xAA", 9000),
                \FILE_APPEND,
            ) && ($f = fopen($file, 'r+')) && fseek($f, 12_288) >= 0 && fwrite($f, str_repeat("\x55", 65_536)),
            'Nothing was changed.',
        ];
        yield 'cut off' => [
            static fn(string $file): mixed => file_put_contents($file, substr((string) file_get_contents($file), 0, 40_000)),
            'Nothing was changed.',
        ];
        yield 'a table of another program' => [
            static fn(string $file): mixed => (new \SQLite3($file))->exec('CREATE TABLE contacts (name TEXT)'),
            'it is not wholly ours: it has contacts',
        ];
        yield 'a table is missing' => [static fn(string $file): mixed => (new \SQLite3($file))->exec('DROP TABLE wear'), 'it has no wear'];
        yield 'before the last migration' => [
            static fn(string $file): mixed => (new \SQLite3($file))->exec(
                'DELETE FROM doctrine_migration_versions WHERE rowid = (SELECT MAX(rowid) FROM doctrine_migration_versions)',
            ),
            'it is of another version',
        ];
        yield 'things that refer to nothing' => [
            static fn(string $file): mixed => (new \SQLite3($file))->exec("UPDATE placement SET spot_id = 'gone'"),
            'refer to others that are not in it',
        ];
    }

    #[DataProvider('unsoundCopies')]
    public function testAnUnsoundCopyIsRefusedAndNothingChanges(\Closure $spoil, string $said): void
    {
        $this->console('app:backup', $this->folder . '/copy.db');
        $spoil($this->folder . '/copy.db');
        $live = (new \SQLite3($this->folder . '/data.db'))->querySingle('SELECT GROUP_CONCAT(id) FROM piece');

        self::assertStringContainsString($said, $this->console('app:restore', $this->folder . '/copy.db'));
        self::assertSame($live, (new \SQLite3($this->folder . '/data.db'))->querySingle('SELECT GROUP_CONCAT(id) FROM piece'));
    }

    public function testTheLiveDatabaseIsNotPutBackOverItself(): void
    {
        link($this->folder . '/data.db', $this->folder . '/same.db');

        self::assertStringContainsString('it is the database that is in use', $this->console('app:restore', $this->folder . '/same.db'));
    }

    public function testRestoringWaitsForWhoeverIsWriting(): void
    {
        $this->console('app:backup', $this->folder . '/copy.db');
        $writer = new \SQLite3($this->folder . '/data.db');
        $writer->exec('BEGIN IMMEDIATE');
        $writer->exec("UPDATE home SET name = 'Written meanwhile'");
        $restore = $this->process('app:restore', $this->folder . '/copy.db');
        $restore->start();
        usleep(700_000);
        self::assertTrue($restore->isRunning(), 'it waits');
        $writer->exec('COMMIT');
        $restore->wait();

        self::assertSame(
            'Written meanwhile',
            (new \SQLite3($this->folder . '/data.db.before-restore'))->querySingle('SELECT name FROM home LIMIT 1'),
            'what was written is kept',
        );
        self::assertSame('Ferry House', (new \SQLite3($this->folder . '/data.db'))->querySingle("SELECT name FROM home WHERE name = 'Ferry House'"));
    }

    public function testABackupIsReadByItsOwnerAloneAndLeavesNoStub(): void
    {
        $this->console('app:backup', $this->folder . '/copy.db');
        self::assertSame('600', decoct(fileperms($this->folder . '/copy.db') & 0o777));
        self::assertStringContainsString('was not written', $this->console('app:backup', $this->folder . '/no-such-folder/copy.db'));
        (new \SQLite3($this->folder . '/data.db'))->close();
        $limited = new Process(
            ['bash', '-c', "trap '' XFSZ; ulimit -f 200; php bin/console app:backup " . escapeshellarg($this->folder . '/full.db')],
            \dirname(__DIR__, 2),
            $this->environment(),
        );
        $limited->run();

        self::assertNotSame(0, $limited->getExitCode(), 'a full disk is not a success');
        self::assertFileDoesNotExist($this->folder . '/full.db');
    }

    public function testABackupNeverOverwrites(): void
    {
        file_put_contents($this->folder . '/copy.db', 'kept');
        self::assertStringContainsString('is there already', $this->console('app:backup', $this->folder . '/copy.db'));
        self::assertSame('kept', file_get_contents($this->folder . '/copy.db'));
    }

    private function console(string ...$command): string
    {
        $process = $this->process(...$command);
        $process->run();

        return (string) preg_replace('/\s+/', ' ', $process->getOutput());
    }

    private function process(string ...$command): Process
    {
        return new Process(['php', 'bin/console', ...$command], \dirname(__DIR__, 2), $this->environment());
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['APP_ENV' => 'prod', 'DATABASE_URL' => 'sqlite:///' . $this->folder . '/data.db'];
    }
}
