<?php

declare(strict_types=1);

namespace App\Tests\Support;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Speaks to the application over HTTP as somebody, on the demo, rolled back after each test. */
abstract class AppTestCase extends WebTestCase
{
    protected const STYLIST = 'stylist@ferry-house.example';
    protected const HELPER = 'helper@ferry-house.example';

    protected KernelBrowser $browser;
    private string $csrf = '';

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        $this->browser->disableReboot();
    }

    protected function signIn(string $email = self::STYLIST): void
    {
        $me = $this->call('POST', '/api/sign-in', ['email' => $email, 'password' => 'first-thaw']);
        self::assertSame(200, $this->code(), $this->text());
        $this->csrf = $me['csrf'];
    }

    /**
     * @param array<mixed>|null $body
     *
     * @return array<mixed> the answer's body, empty when it has none
     */
    protected function call(string $method, string $path, ?array $body = null): array
    {
        $this->browser->request(
            $method,
            $path,
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->csrf],
            content: null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        );
        self::ensureEntitiesAreReadAnew();

        return (array) json_decode($this->text(), true);
    }

    /** @return array<mixed> the answer to a form with one file */
    protected function upload(string $path, string $file, string $name = 'photo'): array
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'upload');
        file_put_contents($copy, $file);
        $this->browser->request(
            'POST',
            $path,
            files: [$name => new UploadedFile($copy, 'given.bin', test: true)],
            server: ['HTTP_X_CSRF_TOKEN' => $this->csrf],
        );
        self::ensureEntitiesAreReadAnew();

        return (array) json_decode($this->text(), true);
    }

    /** @return array<mixed> takes the last thing back that this person did, as Ctrl+Z does */
    protected function undo(string $home = 'Ferry House'): array
    {
        return $this->call('POST', $this->home($home) . '/undo');
    }

    protected function code(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }

    protected function text(): string
    {
        return (string) $this->browser->getResponse()->getContent();
    }

    /** @param array<mixed> $problem */
    protected function assertRefused(int $status, string $sentence, array $problem, ?string $field = null): void
    {
        self::assertSame($status, $this->code(), $this->text());
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertStringContainsString($sentence, $problem['detail']);
        if (null !== $field) {
            self::assertContains($field, array_column($problem['violations'], 'field'));
        }
    }

    protected function home(string $name = 'Ferry House'): string
    {
        $id = $this->db()->fetchOne('SELECT id FROM home WHERE name = ?', [$name]);

        return \is_string($id) ? '/api/homes/' . $id : throw new \LogicException('There is no such home.');
    }

    protected function swap(string $home = 'Ferry House'): string
    {
        $id = $this->db()->fetchOne('SELECT s.id FROM swap s JOIN home h ON h.id = s.home_id WHERE h.name = ? AND s.closed_at IS NULL', [$home]);

        return $this->home($home) . '/swaps/' . (\is_string($id) ? $id : '');
    }

    /** The id of something by its name, in any table with names. */
    protected function id(string $table, string $name): string
    {
        $id = $this->db()->fetchOne("SELECT id FROM {$table} WHERE " . ('tote' === $table ? 'code' : 'name') . ' = ? ORDER BY id', [$name]);

        return \is_string($id) ? $id : throw new \LogicException("There is no {$name} in {$table}.");
    }

    protected function db(): Connection
    {
        $db = self::getContainer()->get(Connection::class);

        return $db instanceof Connection ? $db : throw new \LogicException('No database.');
    }

    /** @return array<string, int> units by piece over all places */
    protected function unitsByPiece(): array
    {
        return array_map(intval(...), $this->db()->fetchAllKeyValue('SELECT piece_id, SUM(count) FROM standing GROUP BY piece_id ORDER BY piece_id'));
    }

    private static function ensureEntitiesAreReadAnew(): void
    {
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        if ($entities instanceof EntityManagerInterface) {
            $entities->clear();
        }
    }
}
