<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * Words on a picture.
 */
final readonly class Overlay implements Element
{
    /**
     * @param array{int, int, int} $height  at least, at desktop, tablet and phone, in pixels
     * @param int                  $padding around the content, in pixels
     * @param int                  $width   of the content at most, in pixels
     * @param ?string              $fold    width at and below which the content stands under the picture
     */
    public function __construct(
        public Picture $ground,
        public Element $content,
        public array $height,
        public int $padding,
        public int $width,
        public Align $along,
        public Align $across,
        public ?string $fold,
    ) {
    }
}
