<?php

declare(strict_types=1);

namespace App\Tests;

use App\Tests\Support\AppTestCase;
use BrightCupboard\Tests\Core\Support\Reference;

/** The codes on tote labels, read as a phone would: by the QR reader jsQR, which shares nothing with the printer. */
final class LabelCodeTest extends AppTestCase
{
    public function testEveryLabelLeadsToItsTote(): void
    {
        $this->signIn();
        $totes = $this->call('GET', $this->home() . '/house')['totes'];
        $pictures = [];
        foreach ($totes as $tote) {
            $this->browser->request('GET', $this->home() . "/totes/{$tote['id']}/label");
            self::assertSame(200, $this->code());
            $pictures[] = $this->picture($this->text());
        }
        $read = array_column(Reference::ask(__DIR__ . '/Support/qr.mjs', $pictures), 'text');
        $home = basename($this->home());

        self::assertCount(10, $read);
        self::assertSame(array_map(static fn(array $tote): string => "http://localhost/homes/{$home}/totes/{$tote['id']}", $totes), $read);
    }

    /** @return array{width: int, dark: list<array{float, float, float, float}>} the squares of the code in a label */
    private function picture(string $svg): array
    {
        $label = new \DOMDocument();
        self::assertTrue($label->loadXML($svg));
        $codes = $label->getElementsByTagName('svg');
        $code = $codes->item($codes->length - 1);
        self::assertInstanceOf(\DOMElement::class, $code);
        $dark = [];
        foreach ($code->getElementsByTagName('rect') as $square) {
            $dark[] = [
                (float) $square->getAttribute('x'),
                (float) $square->getAttribute('y'),
                (float) $square->getAttribute('width'),
                (float) $square->getAttribute('height'),
            ];
        }

        return ['width' => (int) ceil((float) $code->getAttribute('width')), 'dark' => $dark];
    }
}
