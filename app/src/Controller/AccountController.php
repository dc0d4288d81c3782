<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Designer;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Text;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class AccountController
{
    private const SHORTEST = 10;
    private const LONGEST = 200;

    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $hasher,
        private Security $security,
        private RateLimiterFactory $registerLimiter,
    ) {
    }

    #[Route('/api/health', name: 'health', methods: 'GET')]
    public function health(): Response
    {
        $this->entities->getConnection()->fetchOne('SELECT 1');

        return new JsonResponse(['status' => 'ok']);
    }

    #[Route('/api/me', name: 'me', methods: 'GET')]
    public function me(#[CurrentUser] Designer $designer): Response
    {
        return new JsonResponse(['email' => $designer->email(), 'name' => $designer->name()]);
    }

    #[Route('/api/register', name: 'register', methods: 'POST')]
    public function register(Request $request): Response
    {
        $body = JsonBody::of($request);
        $email = mb_strtolower(trim($body->string('email')));
        $password = $body->string('password');
        $name = Text::line($body->string('name'), 'Say what you are called.');
        if (false === filter_var($email, \FILTER_VALIDATE_EMAIL, \FILTER_FLAG_EMAIL_UNICODE) || mb_strlen($email) > 180) {
            throw new InvalidChange('This is no e-mail address.');
        }
        if (mb_strlen($password) < self::SHORTEST || mb_strlen($password) > self::LONGEST) {
            throw new InvalidChange(\sprintf('A pass phrase has at least %d characters.', self::SHORTEST));
        }
        if (!$this->registerLimiter->create($request->getClientIp())->consume()->isAccepted()) {
            throw new TooManyRequestsHttpException(3600, 'Too many new accounts from this place. Try again in an hour.');
        }
        if (null !== $this->entities->getRepository(Designer::class)->findOneBy(['email' => $email])) {
            throw new InvalidChange('There is an account with this address already. Sign in instead.');
        }
        $designer = new Designer($email, $name);
        $designer->setPassword($this->hasher->hashPassword($designer, $password));
        $this->entities->persist($designer);
        $this->entities->flush();
        $this->security->login($designer, 'json_login', 'main');

        return new JsonResponse(['email' => $designer->email(), 'name' => $designer->name()], 201);
    }
}
