import { Button, Modal, Textarea } from '@mantine/core';
import { call, faultsByField, showDone, showProblem } from '@ui/api';
import { useState } from 'react';

/** Why somebody does not agree with the judge; the owner reads it. */
export function ObjectForm({ taskId, onDone }: { readonly taskId: string; readonly onDone: () => void }) {
  const [reason, setReason] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  async function keep(): Promise<void> {
    setBusy(true);
    try {
      await call('practice-object', { taskId, reason });
      showDone('Kept for the owner to read.');
      onDone();
    } catch (error) {
      const faults = faultsByField(error);
      if (faults?.reason) setFault(faults.reason);
      else showProblem(error);
    } finally {
      setBusy(false);
    }
  }
  return (
    <Modal opened onClose={onDone} title="I don’t agree" centered>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Textarea
          label="What would you do instead, and why?"
          description="The owner reads it, with the exercise."
          data-autofocus
          autosize
          minRows={3}
          value={reason}
          error={fault}
          onChange={(event) => setReason(event.currentTarget.value)}
        />
        <Button type="submit" mt={12} loading={busy}>
          Keep it for the owner
        </Button>
      </form>
    </Modal>
  );
}
