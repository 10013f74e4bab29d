<?php

declare(strict_types=1);

namespace App\Demo;

/** Asks a running server as a browser does, and knows how long the last answer took. */
final class BenchVisitor
{
    private string $cookie = '';
    private string $csrf = '';
    private float $took = 0.0;

    public function __construct(private readonly string $url) {}

    public function signIn(string $email, string $password): void
    {
        $answer = $this->ask('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);
        $this->csrf = \is_string($answer['csrf'] ?? null) ? $answer['csrf'] : throw new \RuntimeException('The server lets nobody in by that name.');
    }

    /** Of the last answer, in milliseconds. */
    public function took(): float
    {
        return $this->took;
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<mixed>
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        $context = stream_context_create(['http' => [
            'method' => $method,
            'header' => ['Content-Type: application/json', 'X-CSRF-Token: ' . $this->csrf, 'Cookie: ' . $this->cookie],
            'content' => null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
            'ignore_errors' => true,
            'timeout' => 60,
        ]]);
        $start = hrtime(true);
        $text = (string) file_get_contents($this->url . $path, false, $context);
        $this->took = (hrtime(true) - $start) / 1e6;
        foreach ($http_response_header as $header) {
            if (0 === stripos($header, 'Set-Cookie:')) {
                $this->cookie = trim(explode(';', substr($header, 11))[0]);
            }
        }
        if (1 !== preg_match('/ 20\d/', $http_response_header[0] ?? '')) {
            throw new \RuntimeException(sprintf('%s %s: %s', $method, $path, mb_strimwidth($text, 0, 300, '…')));
        }

        return (array) json_decode($text, true);
    }

    /** @return array{string, string, string} ids of the first home, its open swap and the spot on which most is planned */
    public function whereToLook(): array
    {
        $homes = (array) ($this->ask('GET', '/api/me')['homes'] ?? []);
        $home = self::text((array) ($homes[0] ?? []), 'id');
        $swaps = (array) ($this->ask('GET', "/api/homes/{$home}/house")['swaps'] ?? []);
        $open = array_filter($swaps, static fn(mixed $swap): bool => \is_array($swap) && null === ($swap['closedAt'] ?? null));
        $swap = self::text((array) (array_values($open)[0] ?? []), 'id');
        $spots = (array) ($this->ask('GET', "/api/homes/{$home}/swaps/{$swap}/spots")['spots'] ?? []);
        usort($spots, static fn(mixed $a, mixed $b): int => ((array) $b)['placements'] <=> ((array) $a)['placements']);

        return [$home, $swap, self::text((array) ($spots[0] ?? []), 'spot')];
    }

    /**
     * Moves the first piece of a spot an inch to the right, and back in turn.
     *
     * @return array<mixed>
     */
    public function movePieceOf(string $path, string $spot, int $turn): array
    {
        $placements = (array) ($this->ask('GET', "{$path}/spots/{$spot}")['placements'] ?? []);
        /** @var array{id: string, piece: string, count: int, left: int, layer: string, raise: int, version: int, tier: int} $one */
        $one = $placements[0] ?? throw new \RuntimeException('Nothing is planned there.');
        $left = $one['left'] + (1 === $turn % 2 ? 254 : -254);

        return $this->ask('PUT', "{$path}/placements/{$one['id']}", [
            'piece' => $one['piece'], 'spot' => $spot, 'count' => $one['count'], 'left' => $left, 'layer' => $one['layer'], 'raise' => $one['raise'],
            'version' => $one['version'], 'tier' => $one['tier'],
        ]);
    }

    /** @param array<mixed> $of */
    private static function text(array $of, string $field): string
    {
        return \is_string($of[$field] ?? null) ? $of[$field] : throw new \RuntimeException(sprintf('The server says nothing of %s.', $field));
    }
}
