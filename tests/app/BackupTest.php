<?php

declare(strict_types=1);

namespace App\Tests;

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

    public function testABackupNeverOverwrites(): void
    {
        file_put_contents($this->folder . '/copy.db', 'kept');
        self::assertStringContainsString('is there already', $this->console('app:backup', $this->folder . '/copy.db'));
        self::assertSame('kept', file_get_contents($this->folder . '/copy.db'));
    }

    private function console(string ...$command): string
    {
        $process = new Process(['php', 'bin/console', ...$command], \dirname(__DIR__, 2), ['APP_ENV' => 'prod', 'DATABASE_URL' => 'sqlite:///' . $this->folder . '/data.db']);
        $process->run();

        return (string) preg_replace('/\s+/', ' ', $process->getOutput());
    }
}
