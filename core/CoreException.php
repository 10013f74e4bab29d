<?php

declare(strict_types=1);

namespace BrightCupboard\Core;

/** Everything the core refuses; the message is written for the person who typed the value. */
interface CoreException extends \Throwable {}
