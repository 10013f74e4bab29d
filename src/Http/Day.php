<?php

declare(strict_types=1);

namespace App\Http;

use BrightCupboard\Core\Measure\DayText;
use BrightCupboard\Core\Measure\InvalidMeasure;
use Symfony\Component\Validator\Constraints\Callback;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A day that an input cannot do without. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Day extends Callback
{
    public function __construct()
    {
        parent::__construct(static function (mixed $value, ExecutionContextInterface $context): void {
            try {
                DayText::read(\is_string($value) ? $value : '');
            } catch (InvalidMeasure $refusal) {
                $context->addViolation($refusal->getMessage());
            }
        });
    }

    public function validatedBy(): string
    {
        return parent::class . 'Validator';
    }
}
