import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Form, Input } from 'antd';
import { useState } from 'react';
import { api, said, unwrap } from '../api/client';

interface Fields {
  name: string;
  email: string;
  password: string;
}

export function SignInPage() {
  const [registering, setRegistering] = useState(false);
  const queries = useQueryClient();
  const enter = useMutation({
    mutationFn: (fields: Fields) =>
      registering
        ? unwrap(api.POST('/api/register', { body: fields }))
        : unwrap(api.POST('/api/sign-in', { body: { email: fields.email, password: fields.password } })),
    onSuccess: (account) => {
      queries.setQueryData(['me'], account);
      void queries.invalidateQueries();
    },
  });
  return (
    <main className="sign-in">
      <div className="sign-in-text">
        <svg viewBox="0 0 320 90" aria-hidden="true">
          <path d="M0 62C60 6 110 18 160 52s100 22 160-14" fill="none" stroke="#0E5E55" strokeWidth="3" />
          <path d="M0 80c70-30 130-26 190-8s90 4 130-10" fill="none" stroke="#B9AE9B" strokeWidth="2" />
        </svg>
        <h1>Dune Pocket</h1>
        <p>From a client’s brief to a planned, wireframed and drafted website, and on to the sign-off.</p>
      </div>
      <Form<Fields>
        layout="vertical"
        requiredMark={false}
        onFinish={(fields) => enter.mutate(fields)}
        aria-label={registering ? 'Register' : 'Sign in'}
      >
        <h2>{registering ? 'Register' : 'Sign in'}</h2>
        {enter.error && <Alert type="error" title={said(enter.error)} role="alert" />}
        {registering && (
          <Form.Item
            name="name"
            label="Your name"
            rules={[{ required: true, message: 'Say what you are called.' }]}
          >
            <Input autoComplete="name" />
          </Form.Item>
        )}
        <Form.Item
          name="email"
          label="E-mail"
          rules={[{ required: true, message: 'Type your e-mail address.' }]}
        >
          <Input type="email" autoComplete="username" />
        </Form.Item>
        <Form.Item
          name="password"
          label="Pass phrase"
          extra={registering ? 'At least 10 characters.' : undefined}
          rules={[{ required: true, message: 'Type your pass phrase.' }]}
        >
          <Input.Password autoComplete={registering ? 'new-password' : 'current-password'} />
        </Form.Item>
        <Button type="primary" htmlType="submit" loading={enter.isPending} block>
          {registering ? 'Make an account' : 'Sign in'}
        </Button>
        <Button type="link" block onClick={() => setRegistering(!registering)}>
          {registering ? 'I have an account' : 'I am new here'}
        </Button>
      </Form>
    </main>
  );
}
