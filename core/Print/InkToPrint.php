<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\InkKind;

/** The ink of a plate, as its print asks. */
final readonly class InkToPrint
{
    /**
     * @param string $name   of the ink, or of the plate where none was chosen: drag is learned by it
     * @param bool   $chosen whether somebody chose it, or plastisol is taken as the usual
     */
    public function __construct(public string $name, public InkKind $kind, public Lab $printed, public bool $chosen = true)
    {
    }
}
