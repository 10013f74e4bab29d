<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Http\Allowed;
use App\Tests\Support\AppTestCase;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Routing\RouterInterface;

/** Every route of the API with no one, with a stranger, with a guest, and with bodies that make no sense. */
final class AccessTest extends AppTestCase
{
    private const OPEN = ['/api/welcome', '/api/openapi.json', '/api/home-schema', '/api/sign-in', '/api/sign-out'];

    public function testNobodyGetsAnythingWithoutSigningIn(): void
    {
        foreach ($this->routes() as [$method, $path]) {
            if (!\in_array($path, self::OPEN, true)) {
                $this->call($method, $this->filled($path), []);
                self::assertSame(401, $this->code(), "{$method} {$path}");
            }
        }
    }

    public function testAStrangerIsToldThatTheHomeIsNotThere(): void
    {
        $this->addPerson('stranger@elsewhere.example', null);
        $this->signIn('stranger@elsewhere.example');
        $tried = 0;
        foreach ($this->routes() as [$method, $path]) {
            if (str_contains($path, '{home}')) {
                $problem = $this->call($method, $this->filled($path), []);
                $this->assertRefused(404, 'There is no such home among yours.', $problem);
                ++$tried;
            }
        }
        self::assertGreaterThan(45, $tried);
    }

    public function testAGuestMayLookAndNotTouch(): void
    {
        $this->addPerson('guest@elsewhere.example', Role::Guest);
        $this->signIn('guest@elsewhere.example');
        $this->call('GET', $this->swap() . '/table');
        self::assertSame(200, $this->code());
        foreach ($this->routes() as [$method, $path, $asks]) {
            if ('GET' !== $method && str_contains($path, '{home}') && !$asks) {
                $this->call($method, $this->filled($path), []);
                self::assertSame(403, $this->code(), "{$method} {$path}: " . $this->text());
            }
        }
    }

    public function testAHelperTicksAndNotesButDoesNotPlan(): void
    {
        $this->signIn(self::HELPER);
        $this->call('POST', $this->swap() . '/notes', ['spot' => null, 'text' => 'The hook held.']);
        self::assertSame(201, $this->code());
        $problem = $this->call('PUT', $this->swap() . '/decisions', ['decisions' => []]);
        $this->assertRefused(403, 'As a helper you can look, but not change this.', $problem);
    }

    public function testBadBodiesAreRefusedByNameAndNeverBreakAnything(): void
    {
        $this->signIn();
        foreach ($this->routes() as [$method, $path]) {
            if ('GET' === $method || !str_contains($path, '{home}')) {
                continue;
            }
            $takesBody = 'DELETE' !== $method && !preg_match('~/(undo|redo|calendar/feed)$~', $path);
            foreach ([['bogus' => 1], [], ['name' => ['a' => []], 'count' => 'x']] as $body) {
                if ($takesBody) {
                    $problem = $this->call($method, $this->filled($path), $body);
                    self::assertContains($this->code(), [404, 409, 422], "{$method} {$path}: " . $this->text());
                    self::assertArrayHasKey('detail', $problem);
                    self::assertStringNotContainsString('\\', $problem['detail']);
                }
            }
        }
        $this->browser->request('POST', $this->home() . '/rooms', server: ['CONTENT_TYPE' => 'application/json'], content: '{broken');
        self::assertContains($this->code(), [400, 403]);
    }

    public function testAWriteWithoutThePagesTokenIsRefused(): void
    {
        $this->signIn();
        $this->browser->request('POST', $this->home() . '/rooms', server: ['CONTENT_TYPE' => 'application/json'], content: '{"name":"Attic","round":9}');

        self::assertSame(403, $this->code());
    }

    public function testAThingOfAnotherHomeIsNotFoundUnderThisOne(): void
    {
        $this->signIn();
        $other = $this->id('spot', 'Long shelf');
        $problem = $this->call('GET', $this->swap() . '/spots/' . $other);

        $this->assertRefused(404, 'This is not there any more.', $problem);
    }

    public function testTooManyWrongPasswordsAreHeldUp(): void
    {
        $email = 'nobody-' . bin2hex(random_bytes(4)) . '@elsewhere.example';
        for ($try = 0; $try < 6; ++$try) {
            $problem = $this->call('POST', '/api/sign-in', ['email' => $email, 'password' => 'wrong']);
        }

        $this->assertRefused(429, 'Too many tries.', $problem);
    }

    public function testPagesCarryAStrictPolicy(): void
    {
        $this->browser->request('GET', '/sign-in');
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');

        self::assertStringContainsString("script-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe-eval', $policy);
    }

    /** @return list<array{string, string, bool}> method, path, and whether a guest may send it because it only asks */
    private function routes(): array
    {
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(RouterInterface::class, $router);
        $routes = [];
        foreach ($router->getRouteCollection() as $route) {
            if (str_starts_with($route->getPath(), '/api/')) {
                $routes[] = [$route->getMethods()[0] ?? 'GET', $route->getPath(), $this->isForGuests($route->getDefault('_controller'))];
            }
        }

        return $routes;
    }

    private function isForGuests(mixed $controller): bool
    {
        $allowed = \is_string($controller) && class_exists($controller)
            ? ((new \ReflectionClass($controller))->getAttributes(Allowed::class)[0] ?? null)?->newInstance()
            : null;

        return Role::Guest === $allowed?->role;
    }

    private function filled(string $path): string
    {
        $home = substr($this->home(), \strlen('/api/homes/'));
        $swap = substr((string) strrchr($this->swap(), '/'), 1);

        return strtr(
            $path,
            [
                '{home}' => $home,
                '{swap}' => $swap,
                '{spot}' => $this->id('spot', 'Sofa'),
                '{piece}' => $this->id('piece', 'Heron'),
                '{room}' => $this->id('room', 'Hall'),
                '{tote}' => $this->id('tote', 'A1'),
                '{look}' => $this->id('look', 'First Green'),
                '{line}' => $this->id('haul_line', 'Rail clips'),
                '{need}' => $this->first('need'),
                '{note}' => $this->first('note'),
                '{placement}' => $this->first('placement'),
                '{table}' => '01ARZ3NDEKTSV4RRFFQ69G5FAV',
                '{task}' => '01ARZ3NDEKTSV4RRFFQ69G5FAV',
            ],
        );
    }

    private function first(string $table): string
    {
        $id = $this->db()->fetchOne(
            "SELECT t.id FROM {$table} t JOIN swap s ON s.id = t.swap_id JOIN home h ON h.id = s.home_id WHERE h.name = 'Ferry House' ORDER BY t.id",
        );

        return \is_string($id) ? $id : '';
    }

    private function addPerson(string $email, ?Role $role): void
    {
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        $hasher = self::getContainer()->get(UserPasswordHasherInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $entities);
        self::assertInstanceOf(UserPasswordHasherInterface::class, $hasher);
        $person = new Person($email, 'Somebody');
        $person->keepPassword($hasher->hashPassword($person, 'first-thaw'));
        $entities->persist($person);
        $home = $entities->find(Home::class, substr($this->home(), \strlen('/api/homes/')));
        if (null !== $role && null !== $home) {
            $entities->persist($person->join($home, $role));
        }
        $entities->flush();
        $entities->clear();
    }
}
