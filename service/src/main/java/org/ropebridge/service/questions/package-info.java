/** Questions over REST: read, computed, answered. */
package org.ropebridge.service.questions;
