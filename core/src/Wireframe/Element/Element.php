<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * A part of an arranged section: a branch that places others, or a leaf that shows one thing. It knows nothing of a width;
 * the composer turns it into boxes, the page writer into HTML and CSS, and both follow the same rules.
 */
interface Element
{
}
