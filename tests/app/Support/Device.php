<?php

declare(strict_types=1);

namespace App\Tests\Support;

/** Somebody signed in on a device of their own, at a server that really runs: several of them ask at the same moment. */
final class Device
{
    private string $cookie = '';
    private string $csrf = '';

    public function __construct(private readonly string $url, string $email = 'stylist@ferry-house.example')
    {
        [$status, $body, $headers] = self::together([[$this, 'POST', '/api/sign-in', ['email' => $email, 'password' => 'first-thaw']]])[0];
        if (200 !== $status || !\is_string($body['csrf'] ?? null)) {
            throw new \RuntimeException('The device could not sign in.');
        }
        $this->cookie = $headers['set-cookie'] ?? '';
        $this->csrf = $body['csrf'];
    }

    /**
     * @param array<mixed>|null $body
     *
     * @return array{int, array<mixed>, array<string, string>} status, body, headers
     */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        return self::together([[$this, $method, $path, $body]])[0];
    }

    /**
     * Sends all of it at once, each from its own device.
     *
     * @param list<array{self, string, string, array<mixed>|null}> $requests
     *
     * @return list<array{int, array<mixed>, array<string, string>}> in the order of the requests
     */
    public static function together(array $requests): array
    {
        $multi = curl_multi_init();
        $handles = $headers = [];
        foreach ($requests as $i => [$device, $method, $path, $body]) {
            $handles[$i] = $handle = curl_init($device->url . $path);
            $headers[$i] = [];
            curl_setopt_array($handle, [
                \CURLOPT_CUSTOMREQUEST => $method,
                \CURLOPT_RETURNTRANSFER => true,
                \CURLOPT_TIMEOUT => 60,
                \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'X-CSRF-Token: ' . $device->csrf, 'Cookie: ' . $device->cookie],
                \CURLOPT_HEADERFUNCTION => static function (mixed $handle, string $line) use (&$headers, $i): int {
                    [$name, $value] = [...explode(':', $line, 2), ''];
                    $headers[$i][strtolower(trim($name))] = trim(explode(';', $value, 2)[0]);

                    return \strlen($line);
                },
            ]);
            if (null !== $body) {
                curl_setopt($handle, \CURLOPT_POSTFIELDS, json_encode($body, \JSON_THROW_ON_ERROR));
            }
            curl_multi_add_handle($multi, $handle);
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);

        return array_map(
            static fn(\CurlHandle $handle, array $told): array => [
                (int) curl_getinfo($handle, \CURLINFO_RESPONSE_CODE),
                (array) json_decode((string) curl_multi_getcontent($handle), true),
                $told,
            ],
            $handles,
            $headers,
        );
    }
}
