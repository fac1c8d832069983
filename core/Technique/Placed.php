<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** A technique whose marks stand where its own figures say. A place only cuts them off, so they get none unless that is wanted. */
interface Placed extends Indexed {}
