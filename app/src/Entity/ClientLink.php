<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use DunePocket\App\Link\LinkToken;

/** The link by which a client reaches one thing without an account. Only the hash of its secret is kept. */
#[ORM\Embeddable]
class ClientLink
{
    private const DAYS = 30;

    #[ORM\Column(type: Types::STRING, length: 64, unique: true, nullable: true)]
    private ?string $tokenHash = null;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $expiresAt = null;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $openedAt = null;

    /** Any earlier secret stops working. */
    public function renew(LinkToken $token, \DateTimeImmutable $now): void
    {
        $this->tokenHash = LinkToken::hash($token->secret);
        $this->expiresAt = $now->modify('+'.self::DAYS.' days');
    }

    public function withdraw(): void
    {
        $this->tokenHash = null;
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null !== $this->tokenHash && (null === $this->expiresAt || $now < $this->expiresAt);
    }

    public function open(\DateTimeImmutable $now): void
    {
        $this->openedAt ??= $now;
    }

    public function expiresAt(): ?\DateTimeImmutable
    {
        return $this->expiresAt;
    }

    public function openedAt(): ?\DateTimeImmutable
    {
        return $this->openedAt;
    }
}
