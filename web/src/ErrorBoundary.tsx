import { Component, type ReactNode } from 'react';
import { Button } from './design/Controls';
import { Notice } from './design/States';
import { formatMessage } from './words/intl';

/** Keeps the rest of the page in sight where a part of it cannot be loaded or shown. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) {
      return this.props.children;
    }
    return (
      <Notice role="alert">
        <strong>▲ {formatMessage({ id: 'shell.failed.part' })}</strong>
        <span>{formatMessage({ id: 'shell.failed.help' })}</span>
        <Button onPress={() => window.location.reload()}>{formatMessage({ id: 'shell.failed.again' })}</Button>
      </Notice>
    );
  }
}
