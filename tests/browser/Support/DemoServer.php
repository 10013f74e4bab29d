<?php

declare(strict_types=1);

namespace App\Tests\Browser\Support;

use Symfony\Component\Process\Process;

/** The demo on a database of its own, served by PHP's own server on a free port. The clock is pinned. */
final class DemoServer
{
    public const DAY = '2026-11-13';

    /** The demo as it was loaded once for all classes. */
    private static ?string $loaded = null;

    private ?Process $process = null;
    public readonly string $database;
    public readonly string $url;
    private readonly int $port;

    public function __construct()
    {
        $this->database = sys_get_temp_dir() . '/bright-cupboard-' . getmypid() . '-' . bin2hex(random_bytes(3)) . '.db';
        $this->port = $this->freePort();
        $this->url = 'http://127.0.0.1:' . $this->port;
    }

    public function start(): void
    {
        array_map(unlink(...), glob($this->database . '*') ?: []);
        copy(self::$loaded ??= $this->load(), $this->database);
        $options = [
            '-d', 'variables_order=EGPCS', '-d', 'opcache.enable_cli=1', '-d', 'memory_limit=512M', '-d', 'upload_max_filesize=12M', '-d',
            'post_max_size=14M',
        ];
        $this->process = new Process(
            ['setsid', 'php', ...$options, '-S', '127.0.0.1:' . $this->port, '-t', 'public', __DIR__ . '/slow-router.php'],
            self::root(),
            $this->environment(),
        );
        // It tells of every request; with nobody to read that, the pipe would fill and every request would wait.
        $this->process->disableOutput()->setTimeout(null)->start();
        for ($try = 0; $try < 100; ++$try) {
            if (false !== @file_get_contents($this->url . '/api/welcome')) {
                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException('The demo did not start.');
    }

    public function stop(): void
    {
        $this->pause();
        array_map(unlink(...), glob($this->database . '*') ?: []);
    }

    /** Stops answering, as when the signal is gone; resume() brings it back. */
    public function pause(): void
    {
        $pid = $this->process?->getPid();
        if (null !== $pid) {
            // PHP's server leaves its workers behind when only the parent is ended: the whole group goes.
            posix_kill(-$pid, \SIGKILL);
            while (true === $this->process?->isRunning()) {
                usleep(10_000);
            }
        }
    }

    public function resume(): void
    {
        if (true === $this->process?->isRunning()) {
            return;
        }
        $this->process = $this->process?->restart();
        for ($try = 0; $try < 100 && false === @file_get_contents($this->url . '/api/welcome'); ++$try) {
            usleep(50_000);
        }
    }

    /** Readings of a home come so many seconds late, as on a slow line; what is sent goes through. */
    public function comesLate(int $seconds): void
    {
        0 === $seconds ? @unlink($this->database . '.late') : file_put_contents($this->database . '.late', (string) $seconds);
    }

    /** Readings of a home break off before their first word, until they come late by nothing. */
    public function breaksOff(): void
    {
        file_put_contents($this->database . '.late', 'cut');
    }

    public static function root(): string
    {
        return \dirname(__DIR__, 3);
    }

    /** @return string path of a database with the demo, taken away when the tests end */
    private function load(): string
    {
        $this->console('doctrine:migrations:migrate', '--no-interaction');
        $this->console('app:demo');
        (new \PDO('sqlite:' . $this->database))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        $loaded = sys_get_temp_dir() . '/bright-cupboard-loaded-' . getmypid() . '.db';
        rename($this->database, $loaded);
        array_map(unlink(...), glob($this->database . '-*') ?: []);
        register_shutdown_function(static fn(): bool => @unlink($loaded));

        return $loaded;
    }

    private function console(string ...$command): void
    {
        (new Process(['php', 'bin/console', ...$command], self::root(), $this->environment()))->setTimeout(120)->mustRun();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'prod',
            'DEMO' => '1',
            'PINNED_DAY' => self::DAY,
            'DATABASE_URL' => 'sqlite:///' . $this->database,
            'LATE_FILE' => $this->database . '.late',
            'PHP_CLI_SERVER_WORKERS' => '6',
        ];
    }

    private function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
