<?php

declare(strict_types=1);

namespace App\Tests;

use App\Entity\Home;
use App\Entity\Person;
use App\Entity\Role;
use App\Tests\Support\AppTestCase;
use BrightCupboard\Core\Measure\LengthUnit;
use BrightCupboard\Core\Money\GiftMoney;

/** What a session keeps of who is signed in. */
final class SessionTest extends AppTestCase
{
    public function testASessionKeepsNeitherThePasswordNorTheHomesAndIsAsLongWhateverIsKnown(): void
    {
        $person = new Person('stylist@quay.example', 'Quill');
        $person->keepPassword('$2y$13$714dX4hU3qEyW');
        $bare = serialize($person);
        $person->join(new Home('Quay Cottage', LengthUnit::Inch, '$', GiftMoney::Apart), Role::Stylist);

        self::assertSame($bare, serialize($person));
        self::assertStringNotContainsString('$2y$13$', $bare);
        $again = unserialize($bare, ['allowed_classes' => [Person::class]]);
        self::assertInstanceOf(Person::class, $again);
        self::assertSame([$person->id(), 'stylist@quay.example', hash('crc32c', '$2y$13$714dX4hU3qEyW')], [
            $again->id(), $again->getUserIdentifier(), $again->getPassword(),
        ]);
    }

    public function testWhoWasSignedInIsSignedOutByAnotherPassword(): void
    {
        $this->signIn();
        $this->call('GET', '/api/me');
        self::assertSame(200, $this->code());
        $this->db()->executeStatement('UPDATE person SET password_hash = ? WHERE email = ?', ['another', self::STYLIST]);
        $this->call('GET', '/api/me');

        self::assertSame(401, $this->code(), $this->text());
    }

    /** Sessions of before kept all of a person: whoever has one signs in again, and nothing breaks. */
    public function testASessionOfBeforeKnowsNobody(): void
    {
        $old = unserialize('O:17:"App\Entity\Person":1:{s:24:"' . "\0App\Entity\Person\0email" . '";s:5:"a@b.c";}', ['allowed_classes' => [Person::class]]);

        self::assertInstanceOf(Person::class, $old);
        self::assertSame(['-', '-', []], [$old->id(), $old->getUserIdentifier(), $old->memberships()]);
    }
}
