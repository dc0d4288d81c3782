import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Form, Input, InputNumber, Select, Space } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router-dom';
import { api, said, type Schemas, unwrap } from '../api/client';
import { Waiting } from '../app/Waiting';
import { Trouble } from '../app/Trouble';
import { catalogueQuery } from '../project/catalogue';
import { defaultsQuery } from './defaults';

type Defaults = Schemas['Defaults'];

const CURRENCIES = ['GBP', 'EUR', 'USD', 'CHF', 'AUD', 'CAD', 'NZD', 'SEK', 'NOK', 'DKK', 'PLN'];

/** What would otherwise be typed into every project. */
export default function DefaultsPage() {
  const defaults = useQuery(defaultsQuery);
  const catalogue = useQuery(catalogueQuery);
  const error = defaults.error ?? catalogue.error;
  if (error)
    return (
      <Trouble
        title="Your defaults cannot be shown"
        text={said(error)}
        onRetry={() => {
          void defaults.refetch();
          void catalogue.refetch();
        }}
      />
    );
  if (!defaults.data || !catalogue.data) return <Waiting />;
  return <DefaultsForm saved={defaults.data} catalogue={catalogue.data} />;
}

function DefaultsForm({ saved, catalogue }: { saved: Defaults; catalogue: Schemas['Catalogue'] }) {
  const queries = useQueryClient();
  const sectionKinds = catalogue.sectionKinds.filter((kind) => !kind.frame);
  const [dropped, setDropped] = useState<string[]>([]);
  const [droppedLayouts, setDroppedLayouts] = useState<string[]>([]);
  const [form] = Form.useForm<Defaults>();
  const own = Form.useWatch('sections', form) as Partial<Defaults['sections'][number]>[] | undefined;
  const save = useMutation({
    mutationFn: (body: Defaults) => unwrap(api.PUT('/api/defaults', { body })),
    onSuccess: (data) => queries.setQueryData(defaultsQuery.queryKey, data),
  });
  return (
    <div className="projects">
      <header className="top">
        <span className="brand">Dune Pocket</span>
        <Link to="/">All projects</Link>
      </header>
      <main className="defaults">
        <h1>Your defaults</h1>
        <p className="quiet">Every new project starts with this, so that you never type it twice.</p>
        {save.error && <Alert type="error" title={said(save.error)} role="alert" />}
        <Form
          form={form}
          layout="vertical"
          initialValues={saved}
          onFinish={(values) =>
            save.mutate({
              ...values,
              starters: saved.starters.filter((one) => !dropped.includes(one.name)),
              layouts: saved.layouts.filter((one) => !droppedLayouts.includes(one.name)),
            })
          }
          requiredMark={false}
          onValuesChange={() => save.reset()}
        >
          <Form.Item
            name="pages"
            label="Pages every site gets"
            extra="Planned in each new project, unless its client does not want them."
          >
            <Select
              mode="tags"
              tokenSeparators={[',']}
              placeholder="Accessibility, Privacy"
              options={catalogue.pageKinds.map((kind) => ({ value: kind.label, label: kind.label }))}
            />
          </Form.Item>
          <Form.Item
            name="avoid"
            label="Words you never use"
            extra="No draft uses them; a text that does is pointed out."
          >
            <Select mode="tags" tokenSeparators={[',']} open={false} placeholder="solutions, leverage" />
          </Form.Item>
          <Form.Item label="What an hour of your work costs" extra="Puts a price to the effort of a plan.">
            <Space.Compact>
              <Form.Item name={['rate', 'hourly']} noStyle>
                <InputNumber aria-label="Rate an hour" min={0} max={10000} style={{ width: 120 }} />
              </Form.Item>
              <Form.Item name={['rate', 'currency']} noStyle>
                <Select
                  aria-label="Currency"
                  style={{ width: 90 }}
                  options={CURRENCIES.map((one) => ({ value: one, label: one }))}
                />
              </Form.Item>
            </Space.Compact>
          </Form.Item>
          <Form.Item
            name="signature"
            label="Signature"
            extra="Ends the message that carries a link to the client."
          >
            <Input.TextArea rows={3} maxLength={600} />
          </Form.Item>
          <Form.List name="questions">
            {(fields, { add, remove }) => (
              <fieldset className="own-questions">
                <legend>Questions of your own</legend>
                {fields.map((field) => (
                  <div key={field.key} className="own-question">
                    <Form.Item
                      name={[field.name, 'text']}
                      rules={[{ required: true, whitespace: true, message: 'A question needs words.' }]}
                    >
                      <Input
                        aria-label={`Question ${field.name + 1}`}
                        maxLength={120}
                        placeholder="Question"
                      />
                    </Form.Item>
                    <Form.Item name={[field.name, 'hint']}>
                      <Input
                        aria-label={`Hint for question ${field.name + 1}`}
                        maxLength={300}
                        placeholder="How to answer it"
                      />
                    </Form.Item>
                    <Button
                      onClick={() => remove(field.name)}
                      aria-label={`Remove question ${field.name + 1}`}
                    >
                      Remove
                    </Button>
                  </div>
                ))}
                <Button onClick={() => add({ text: '', hint: '' })}>Add a question</Button>
              </fieldset>
            )}
          </Form.List>
          <Form.List name="sections">
            {(fields, { add, remove }) => (
              <fieldset className="own-questions">
                <legend>Sections of your own</legend>
                {fields.map((field) => (
                  <div key={field.key} className="own-section">
                    <Form.Item
                      name={[field.name, 'name']}
                      rules={[{ required: true, whitespace: true, message: 'A section needs a name.' }]}
                    >
                      <Input
                        aria-label={`Name of section ${field.name + 1}`}
                        maxLength={60}
                        placeholder="Name"
                      />
                    </Form.Item>
                    <Form.Item name={[field.name, 'purpose']}>
                      <Input
                        aria-label={`Purpose of section ${field.name + 1}`}
                        maxLength={300}
                        placeholder="What it is for, in one sentence"
                      />
                    </Form.Item>
                    <Form.Item
                      name={[field.name, 'kind']}
                      rules={[{ required: true, message: 'Choose what it is built like.' }]}
                    >
                      <Select
                        aria-label={`Section ${field.name + 1} is built like`}
                        showSearch={{ optionFilterProp: 'label' }}
                        placeholder="Built like"
                        options={sectionKinds.map((kind) => ({ value: kind.id, label: kind.label }))}
                      />
                    </Form.Item>
                    <Button
                      onClick={() => remove(field.name)}
                      aria-label={`Remove section ${field.name + 1}`}
                    >
                      Remove
                    </Button>
                  </div>
                ))}
                <Button onClick={() => add({ name: '', purpose: '' })}>Add a section</Button>
              </fieldset>
            )}
          </Form.List>
          <Form.List name="recipes">
            {(fields, { add, remove }) => (
              <fieldset className="own-questions">
                <legend>Recipes: what certain pages always consist of</legend>
                {fields.map((field) => (
                  <div key={field.key} className="own-recipe">
                    <Form.Item
                      name={[field.name, 'page']}
                      rules={[{ required: true, whitespace: true, message: 'Name the page.' }]}
                    >
                      <Input
                        aria-label={`Page of recipe ${field.name + 1}`}
                        maxLength={60}
                        placeholder="Page, such as About"
                      />
                    </Form.Item>
                    <Form.Item
                      name={[field.name, 'sections']}
                      rules={[{ required: true, message: 'Choose its sections, in their order.' }]}
                    >
                      <Select
                        mode="multiple"
                        aria-label={`Sections of recipe ${field.name + 1}`}
                        placeholder="Its sections, in their order"
                        showSearch={{ optionFilterProp: 'label' }}
                        options={[
                          ...(own ?? [])
                            .filter((one) => one.name)
                            .map((one) => ({ value: one.name, label: one.name })),
                          ...sectionKinds.map((kind) => ({ value: kind.id, label: kind.label })),
                        ]}
                      />
                    </Form.Item>
                    <Button onClick={() => remove(field.name)} aria-label={`Remove recipe ${field.name + 1}`}>
                      Remove
                    </Button>
                  </div>
                ))}
                <Button onClick={() => add({ page: '', sections: [] })}>Add a recipe</Button>
              </fieldset>
            )}
          </Form.List>
          {saved.starters.length > 0 && (
            <Form.Item label="Starter plans" htmlFor="starters" extra="Kept from the Plan of any project.">
              <Select
                id="starters"
                mode="multiple"
                value={saved.starters.map((one) => one.name).filter((name) => !dropped.includes(name))}
                options={saved.starters.map((one) => ({ value: one.name, label: one.name }))}
                onChange={(kept: string[]) =>
                  setDropped(saved.starters.map((one) => one.name).filter((name) => !kept.includes(name)))
                }
              />
            </Form.Item>
          )}
          {saved.layouts.length > 0 && (
            <Form.Item
              label="Layouts of your own"
              htmlFor="own-layouts"
              extra="Kept from the Draft of any project."
            >
              <Select
                id="own-layouts"
                mode="multiple"
                value={saved.layouts.map((one) => one.name).filter((name) => !droppedLayouts.includes(name))}
                options={saved.layouts.map((one) => ({ value: one.name, label: one.name }))}
                onChange={(kept: string[]) =>
                  setDroppedLayouts(
                    saved.layouts.map((one) => one.name).filter((name) => !kept.includes(name)),
                  )
                }
              />
            </Form.Item>
          )}
          <Space>
            <Button type="primary" htmlType="submit" loading={save.isPending}>
              Save
            </Button>
            {save.isSuccess && <span role="status">Saved. New projects start with this.</span>}
          </Space>
        </Form>
      </main>
    </div>
  );
}
