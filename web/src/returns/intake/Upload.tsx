import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DropZone, FileTrigger, isFileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import { keysOf } from '../../api/served';
import { api, body, filesForm } from '../../api/client';
import { MainButton } from '../../design/Controls';
import { Notice } from '../../design/States';
import { colour, space } from '../../design/tokens';
import { problemWords } from '../../words/words';
import { formatMessage } from '../../words/intl';

/** Takes scans in, chosen or dropped; says of each file that cannot be taken why. */
export function Upload() {
  const queries = useQueryClient();
  const send = useMutation({
    mutationFn: (files: File[]) => body(api.POST('/api/returns', { body: { files: [] }, bodySerializer: () => filesForm('files', files) })),
    onSettled: () => queries.invalidateQueries({ queryKey: keysOf.returns }),
  });
  const refused = send.data?.filter((o) => o.problem) ?? [];
  return (
    <Zone
      getDropOperation={() => 'copy'}
      onDrop={(event) => {
        void Promise.all(event.items.filter(isFileDropItem).map((item) => item.getFile())).then((files) => {
          if (files.length > 0) {
            send.mutate(files);
          }
        });
      }}
    >
      <FileTrigger
        allowsMultiple
        acceptedFileTypes={['image/jpeg', 'image/png', 'image/tiff', 'application/pdf', 'application/zip', '.zip']}
        onSelect={(files) => files && send.mutate([...files])}
      >
        <MainButton isDisabled={send.isPending}>{send.isPending ? formatMessage({ id: 'returns.sending' }) : formatMessage({ id: 'returns.scans.add' })}</MainButton>
      </FileTrigger>
      {(refused.length > 0 || send.error) && (
        <Outcome>
          <Notice role="alert">
            {refused.map((o) => (
              <span key={o.name}>
                ▲ <b>{o.name}</b>: {problemWords(o.problem ?? '', o.figure)}
              </span>
            ))}
            {send.error && <span>▲ {send.error.message}</span>}
          </Notice>
        </Outcome>
      )}
    </Zone>
  );
}

const Zone = styled(DropZone)`
  position: relative;
  &[data-drop-target] { outline: 3px dashed ${colour.ink}; outline-offset: ${space(2)}; }
`;
const Outcome = styled.div`position: absolute; right: 0; top: calc(100% + ${space(2)}); z-index: 2; width: 360px; box-shadow: 0 2px 10px rgb(0 0 0 / 25%);`;
